<?php

declare(strict_types=1);

namespace Juramen\Register;

/** What holds for a signup point: how consent is confirmed, when a sign-up lapses, what is kept of the visitor. */
final readonly class HouseRules
{
    /**
     * @param  bool  $doubleOptIn  whether an email address is confirmed through a mail before it is used
     * @param  int  $lapseDays  days from the mail's acceptance until an unconfirmed sign-up lapses; 1 to 30 (GDPR Art. 5(1)(e))
     * @param  bool  $keepNetwork  whether a truncated network address is kept with the consent; never the whole one
     *
     * @throws InvalidRegister
     */
    public function __construct(public bool $doubleOptIn = true, public int $lapseDays = 7, public bool $keepNetwork = true)
    {
        if ($lapseDays < 1 || $lapseDays > 30) {
            throw new InvalidRegister("An unconfirmed sign-up lapses after 1 to 30 days, not $lapseDays.");
        }
    }

    /** @param  array<string, mixed>  $data as toArray() gives it */
    public static function from(array $data): self
    {
        $rules = [$data['double-opt-in'] ?? null, $data['lapse-days'] ?? null, $data['keep-network'] ?? null];
        if (! is_bool($rules[0]) || ! is_int($rules[1]) || ! is_bool($rules[2])) {
            throw new InvalidRegister('Rules say double-opt-in (yes or no), lapse-days (a number) and keep-network (yes or no).');
        }

        return new self(...$rules);
    }

    /** @return array<string, bool|int> */
    public function toArray(): array
    {
        return ['double-opt-in' => $this->doubleOptIn, 'lapse-days' => $this->lapseDays, 'keep-network' => $this->keepNetwork];
    }
}
