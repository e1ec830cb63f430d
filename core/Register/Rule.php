<?php

declare(strict_types=1);

namespace Juramen\Register;

/** A rule of the house that a signup point inherits and may depart from. */
enum Rule: string
{
    case DoubleOptIn = 'double-opt-in';
    case Screening = 'screening';
    case LapseDays = 'lapse-days';
    case ReminderDays = 'reminder-days';
    case KeepNetwork = 'keep-network';

    /** What the rule is about, in a few words. */
    public function title(): string
    {
        return match ($this) {
            self::DoubleOptIn => 'Confirmation by mail',
            self::Screening => 'Screening',
            self::LapseDays => 'Days to confirm',
            self::ReminderDays => 'Reminder',
            self::KeepNetwork => 'Network address',
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
        };
    }

    /** @throws InvalidRegister where the value does not fit the rule */
    public function checked(mixed $value): bool|int
    {
        $fits = match ($this) {
            self::LapseDays => is_int($value) && $value >= 1 && $value <= 30,
            self::ReminderDays => is_int($value) && $value >= 0 && $value <= 29,
            default => is_bool($value),
        };
        if (! $fits) {
            throw new InvalidRegister(match ($this) {
                self::LapseDays => 'An unconfirmed sign-up lapses after 1 to 30 days'.(is_int($value) ? ", not $value" : '').'.',
                self::ReminderDays => 'A reminder is sent after 1 to 29 days, or never (0).',
                default => "The rule on {$this->value} is yes or no.",
            });
        }

        return is_bool($value) || is_int($value) ? $value : throw new InvalidRegister("The rule on {$this->value} has no such value.");
    }
}
