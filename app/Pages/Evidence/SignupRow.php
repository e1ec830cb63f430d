<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

use App\Models\SignupJourney;
use App\Queries\Desk\SignupFate;
use App\Support\Moments;

/** One sign-up of the list. */
final readonly class SignupRow
{
    /**
     * @param  string|null  $address  null where it may stand in no list; then $instead says why
     * @param  string  $url  of the person's page
     */
    private function __construct(
        public string $asked, public ?string $address, public string $instead, public string $url, public string $form, public string $state,
        public string $ended
    ) {}

    public static function of(SignupJourney $journey, ?string $address, string $point): self
    {
        $state = SignupFate::of($journey->state);

        return new self(
            Moments::exact($journey->asked_at), $address, $state->withoutAddress(), route('evidence.person', $journey->subscriber->subject->hex()),
            "$point, edition {$journey->edition->number}, {$journey->language->endonym()}", $state->value,
            $journey->ended_at === null ? '' : Moments::exact($journey->ended_at),
        );
    }
}
