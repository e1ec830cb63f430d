<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Actions\Consent\PersonalValues;
use App\Actions\Delivery\DeliveryHandler;
use App\Actions\Delivery\Outcome;
use App\Actions\Signup\GivenConsents;
use App\Actions\Signup\HearOfAsking;
use App\Models\Delivery;
use App\Models\SignupJourney;
use App\Support\PublishedForms;
use App\Support\SystemClock;
use Juramen\Canon\MacRing;
use Juramen\Consent\AskedBy;
use Juramen\Consent\Link;
use Juramen\Log\Disclosure;
use Juramen\Points\FieldKinds;
use Juramen\Points\FieldMeaning;

/** Asks a person to confirm a number, by a message to it with a link of the same kind as a mail's. */
final class NumberMessage implements DeliveryHandler
{
    public function __construct(
        private readonly NumberCarrier $carrier,
        private readonly PublishedForms $published,
        private readonly PersonalValues $personal,
        private readonly GivenConsents $given,
        private readonly MailWords $words,
        private readonly MacRing $keys,
        private readonly HearOfAsking $hear,
        private readonly SystemClock $clock,
    ) {}

    public function attempt(Delivery $delivery): Outcome
    {
        $delivery->loadMissing('subscriber', 'edition');
        $journey = $delivery->journey === null ? null : SignupJourney::query()->with('subscriber')->whereKey($delivery->journey->bytes)->first();
        // The number that is to be confirmed is the one that was given with this consent, whatever was confirmed before.
        $number = $journey === null ? null : $this->number($this->personal->ofEntry($this->given->of($journey)->entry));
        if ($journey === null || $journey->path()->stateAt($this->clock->instant())->hasEnded() || $number === null || $delivery->edition === null) {
            return Outcome::refused('no-longer-wanted');
        }
        $edition = $this->published->edition($delivery->edition->digest);
        $words = $this->words->of($edition, $delivery->kind->value, $journey->language)->word('text');

        return $this->carrier->send(
            $delivery->idempotency_key, $edition->controller->name, $number,
            str_replace(':link', url('/confirm/'.Link::Confirm->token($journey->id, $this->keys)), $words)
        );
    }

    public function settled(Delivery $delivery, Outcome $outcome): void
    {
        if ($delivery->journey === null) {
            return;
        }
        match (true) {
            $outcome->isAccepted() => $this->hear->taken($delivery->journey, AskedBy::Number),
            $outcome->isReturned() => $this->hear->returned($delivery->journey),
            default => $this->hear->givenUp($delivery->journey),
        };
    }

    /** @param  list<Disclosure>  $values */
    private function number(array $values): ?string
    {
        foreach ($values as $value) {
            if (FieldKinds::disclosedAs($value->name)->meaning() === FieldMeaning::Phone) {
                return $value->value;
            }
        }

        return null;
    }
}
