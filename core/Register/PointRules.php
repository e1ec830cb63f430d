<?php

declare(strict_types=1);

namespace Juramen\Register;

/** What holds for a signup point: how consent is confirmed, when a sign-up lapses, what is kept of the visitor. */
final readonly class PointRules
{
    /**
     * @param  bool  $doubleOptIn  whether an email address is confirmed through a mail before it is used
     * @param  int  $lapseDays  days from the mail's acceptance until an unconfirmed sign-up lapses; 1 to 30 (GDPR Art. 5(1)(e))
     * @param  bool  $keepNetwork  whether a truncated network address is kept with the consent; never the whole one
     * @param  int  $reminderDays  days from the mail's acceptance until one reminder; 0 for none
     *
     * @throws InvalidRegister
     */
    public function __construct(public bool $doubleOptIn = true, public int $lapseDays = 7, public bool $keepNetwork = true, public bool $screening = true, public int $reminderDays = 0)
    {
        Rule::LapseDays->checked($lapseDays);
        Rule::ReminderDays->checked($reminderDays);
        if ($reminderDays >= $lapseDays) {
            throw new InvalidRegister("A reminder after $reminderDays days comes too late where a sign-up lapses after $lapseDays.");
        }
    }

    /** @param  array<string, mixed>  $data as toArray() gives it; the last two may be missing in editions from before they were rules */
    public static function from(array $data): self
    {
        $data += ['screening' => true, 'reminder-days' => 0];
        $values = [];
        foreach (Rule::cases() as $rule) {
            $values[$rule->value] = $rule->checked($data[$rule->value] ?? null);
        }

        return new self((bool) $values['double-opt-in'], (int) $values['lapse-days'], (bool) $values['keep-network'], (bool) $values['screening'], (int) $values['reminder-days']);
    }

    public function value(Rule $rule): bool|int
    {
        return match ($rule) {
            Rule::DoubleOptIn => $this->doubleOptIn,
            Rule::Screening => $this->screening,
            Rule::LapseDays => $this->lapseDays,
            Rule::ReminderDays => $this->reminderDays,
            Rule::KeepNetwork => $this->keepNetwork,
        };
    }

    /** @return array<string, bool|int> */
    public function toArray(): array
    {
        return ['double-opt-in' => $this->doubleOptIn, 'lapse-days' => $this->lapseDays, 'keep-network' => $this->keepNetwork, 'screening' => $this->screening, 'reminder-days' => $this->reminderDays];
    }
}
