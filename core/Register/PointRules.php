<?php

declare(strict_types=1);

namespace Juramen\Register;

use Juramen\Canon\Document;
use Juramen\Canon\DraftRefusal;
use Juramen\Canon\Refused;

/** What holds for a signup point: how consent is confirmed, when a sign-up lapses, what is kept of the visitor. */
final readonly class PointRules
{
    /**
     * @param  bool  $doubleOptIn  whether an email address is confirmed through a mail before it is used
     * @param  int  $lapseDays  days from the mail's acceptance until an unconfirmed sign-up lapses (GDPR Art. 5(1)(e))
     * @param  bool  $keepNetwork  whether a truncated network address is kept with the consent; never the whole one
     * @param  bool  $giftWithout  whether whoever wants a gift gets it without agreeing to anything
     * @param  int  $reminderDays  days from the mail's acceptance until one reminder; 0 for none
     */
    public function __construct(
        public bool $doubleOptIn = true, public int $lapseDays = 7, public bool $keepNetwork = true, public bool $screening = true,
        public int $reminderDays = 0, public bool $giftWithout = true
    ) {}

    /** Reads whatever was ever written; what is missing is as it is without a rule. */
    public static function from(Document $document): self
    {
        return new self(
            $document->flag(Rule::DoubleOptIn->value) ?? true, $document->number(Rule::LapseDays->value) ?? 7,
            $document->flag(Rule::KeepNetwork->value) ?? true,
            $document->flag(Rule::Screening->value) ?? true, $document->number(Rule::ReminderDays->value) ?? 0,
            $document->flag(Rule::GiftWithout->value) ?? true,
        );
    }

    /** @param  list<AppliedRule>  $applied  one for each rule */
    public static function of(array $applied): self
    {
        $data = [];
        foreach ($applied as $each) {
            $data[$each->rule->value] = $each->value;
        }

        return self::from(Document::from($data));
    }

    /**
     * Rules that fit each by itself, but not together.
     *
     * @throws Refused
     */
    public function check(): void
    {
        if ($this->reminderDays >= $this->lapseDays) {
            throw Refused::because(DraftRefusal::ReminderTooLate, reminder: $this->reminderDays, lapse: $this->lapseDays);
        }
    }

    /** The same without a reminder for which the time to confirm leaves no room. */
    public function withoutLateReminder(): self
    {
        return $this->reminderDays < $this->lapseDays ? $this : new self(
            $this->doubleOptIn, $this->lapseDays, $this->keepNetwork, $this->screening, 0, $this->giftWithout
        );
    }

    public function value(Rule $rule): bool|int
    {
        return match ($rule) {
            Rule::DoubleOptIn => $this->doubleOptIn,
            Rule::Screening => $this->screening,
            Rule::LapseDays => $this->lapseDays,
            Rule::ReminderDays => $this->reminderDays,
            Rule::KeepNetwork => $this->keepNetwork,
            Rule::GiftWithout => $this->giftWithout,
        };
    }

    public function document(): Document
    {
        return Document::from([
            'double-opt-in' => $this->doubleOptIn, 'lapse-days' => $this->lapseDays, 'keep-network' => $this->keepNetwork, 'screening' => $this->screening,
            'reminder-days' => $this->reminderDays, 'gift-without' => $this->giftWithout,
        ]);
    }
}
