<?php

declare(strict_types=1);

namespace App\Pages\Account;

use App\Models\Delivery;
use App\Models\DeliveryState;
use App\Models\User;
use App\Support\Moments;

/** Somebody who works here, in the list of accounts and on a page of their own. */
final readonly class ColleagueRow
{
    /** @param  string  $seen  when they last came in; sorts as text */
    private function __construct(
        public int $id, public string $name, public string $email, public string $role, public ColleagueState $state, public string $more,
        public bool $asksForCode, public string $last, public string $seen
    ) {}

    public static function of(User $user, ?Delivery $invitation): self
    {
        $state = ColleagueState::of($user);
        $more = match ($state) {
            ColleagueState::Working => '',
            ColleagueState::Ended => $user->ended_at === null ? '' : 'on '.Moments::date($user->ended_at),
            ColleagueState::Invited => $invitation === null ? '' : match ($invitation->state) {
                DeliveryState::Sent => 'mailed '.Moments::date($invitation->settled_at ?? $invitation->made_at),
                DeliveryState::Waiting, DeliveryState::Claimed => 'the mail is on its way',
                DeliveryState::Failed => 'the mail did not go out',
                DeliveryState::Uncertain, DeliveryState::Left => 'nobody knows whether the mail went out',
            },
        };

        return new self(
            $user->id, $user->name, $user->email, $user->role->value, $state, $more, $user->asksForCode(),
            $user->signed_in_at === null ? 'never' : Moments::exact($user->signed_in_at), $user->signed_in_at?->text() ?? ''
        );
    }

    public function cell(string $column): string
    {
        return match ($column) {
            'email' => $this->email,
            'role' => $this->role,
            'state' => $this->state->says(),
            'code' => $this->asksForCode ? 'a' : 'b',
            'last' => $this->seen,
            default => $this->name,
        };
    }

    public function matches(string $words): bool
    {
        return $words === '' || mb_stripos("$this->name $this->email $this->role", $words) !== false;
    }
}
