<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Actions\Consent\PersonalValues;
use App\Actions\Delivery\DeliveryHandler;
use App\Actions\Delivery\Outcome;
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
        private readonly MacRing $keys,
        private readonly HearOfAsking $hear,
        private readonly SystemClock $clock,
    ) {}

    public function attempt(Delivery $delivery): Outcome
    {
        $delivery->loadMissing('subscriber', 'edition');
        $journey = $delivery->journey === null ? null : SignupJourney::query()->whereKey($delivery->journey->bytes)->first();
        $number = $delivery->subscriber === null ? null : $this->number($this->personal->newestOf($delivery->subscriber->subject)->all());
        if ($journey === null || $journey->path()->stateAt($this->clock->instant())->hasEnded() || $number === null || $delivery->edition === null) {
            return Outcome::refused('no-longer-wanted');
        }
        $edition = $this->published->edition($delivery->edition->digest);
        $words = $edition->in($journey->language)->mail($delivery->kind->value)->word('text');
        // An edition from before numbers could be confirmed froze no words for it.
        $words = $words !== '' ? $words : (string) __('visitor.mail.number-confirmation.text', [
            'controller' => $edition->controller->name, 'title' => $edition->sheet->draft->title->in($journey->language), 'link' => ':link',
        ], $journey->language->value);

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
