<?php

declare(strict_types=1);

namespace Juramen\Register;

use Juramen\Register\Schema\Number;
use Juramen\Register\Schema\ValueType;
use Juramen\Register\Schema\YesNo;

/** A rule of the house that a signup point inherits and may depart from. */
enum Rule: string
{
    case DoubleOptIn = 'double-opt-in';
    case Screening = 'screening';
    case LapseDays = 'lapse-days';
    case ReminderDays = 'reminder-days';
    case KeepNetwork = 'keep-network';
    /** Whether whoever wants a gift gets it without agreeing to anything. Source: GDPR Art. 7(4), recital 43 */
    case GiftWithout = 'gift-without';

    /** What the rule is about, in a few words. */
    public function title(): string
    {
        return match ($this) {
            self::DoubleOptIn => 'Confirmation by mail',
            self::Screening => 'Screening',
            self::LapseDays => 'Days to confirm',
            self::ReminderDays => 'Reminder',
            self::KeepNetwork => 'Network address',
            self::GiftWithout => 'Gifts',
        };
    }

    /** The rule with a value, as a sentence's end: "Whoever ticks ..." */
    public function says(bool|int $value): string
    {
        return match ($this) {
            self::DoubleOptIn => $value ? 'gets a confirmation mail' : 'is signed up at once, without confirmation',
            self::Screening => $value ? 'submissions are screened' : 'submissions are not screened',
            self::LapseDays => $value === 1 ? '1 day' : "$value days",
            self::ReminderDays => $value === 0 ? 'no reminder' : ($value === 1 ? 'one reminder after 1 day' : "one reminder after $value days"),
            self::KeepNetwork => $value ? 'a truncated network address is kept' : 'nothing of the visitor is kept',
            self::GiftWithout => $value ? 'gifts go to whoever asks' : 'gifts are for agreeing alone, and the words say so',
        };
    }

    /** Whether its value is a number of days; else it is yes or no. */
    public function isNumber(): bool
    {
        return $this === self::LapseDays || $this === self::ReminderDays;
    }

    /** What its value may be. */
    public function type(): ValueType
    {
        return match ($this) {
            self::LapseDays => new Number(1, 30),
            self::ReminderDays => new Number(0, 29),
            default => new YesNo,
        };
    }
}
