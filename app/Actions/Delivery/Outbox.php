<?php

declare(strict_types=1);

namespace App\Actions\Delivery;

use App\Casts\Instants;
use App\Models\Delivery;
use App\Models\DeliveryKind;
use App\Models\DeliveryState;
use App\Models\Enquiry;
use App\Models\Handover;
use App\Models\KnownSignup;
use App\Models\PublishedEdition;
use App\Models\SenderAddress;
use App\Models\SignupJourney;
use App\Models\User;
use App\Support\SystemClock;
use Juramen\Canon\Day;

/** Lays out what is to go, in the transaction that is its reason, each thing once for that reason. Deliveries take it from there. */
final class Outbox
{
    /** Seconds that each delivery of a crowd is put behind the one before it. */
    private const APART = 2;

    /** So many that wait of one point put its next one back by a second. */
    private const OF_ONE_POINT = 50;

    public function __construct(private readonly SystemClock $clock) {}

    /**
     * To the person of a sign-up: once of each kind and occasion, however often it is laid out. They leave fairly: each that already waits of the
     * same crowd puts this one back, so that those of few go before those of many.
     *
     * @param  string|null  $network  from which it was asked for, truncated, where that is known
     * @param  string  $occasion  where a kind goes out more than once
     */
    public function toSubscriber(SignupJourney $journey, DeliveryKind $kind, ?string $network = null, string $occasion = ''): void
    {
        $crowd = $network === null ? null : substr(hash_hmac('sha256', "$journey->point_edition_id $network", config()->string('app.key'), true), 0, 8);
        $waiting = Delivery::query()->where('state', DeliveryState::Waiting);
        $ahead = $crowd === null ? 0 : self::APART * $waiting->clone()->where('crowd', $crowd)->count()
            + intdiv($waiting->clone()->where('point_edition_id', $journey->point_edition_id)->count(), self::OF_ONE_POINT);
        $this->lay($kind, trim("{$journey->id->hex()} $occasion"), $ahead, [
            'subscriber_id' => $journey->subscriber_id, 'journey' => $journey->id->bytes, 'point_edition_id' => $journey->point_edition_id,
            'language' => $journey->language->value, 'crowd' => $crowd,
        ]);
    }

    /** To a recipient, how many enquiries came on a day: once. */
    public function countOfDay(PublishedEdition $edition, string $recipient, Day $day): void
    {
        $this->lay(DeliveryKind::DailyCount, "$edition->point_id $recipient $day->text", 0, [
            'point_edition_id' => $edition->id, 'recipient' => "$recipient $day->text",
        ]);
    }

    /** To somebody known, about what was entered with their address: once on each occasion. */
    public function toKnown(KnownSignup $known, DeliveryKind $kind, string $occasion): void
    {
        $this->lay($kind, $occasion, 0, [
            'subscriber_id' => $known->subscriber_id, 'known_id' => $known->id->bytes, 'point_edition_id' => $known->point_edition_id,
            'language' => $known->language->value,
        ]);
    }

    /**
     * To somebody who works here: once for each occasion, such as a day.
     *
     * @param  string|null  $about  what it is about, for its handler
     */
    public function toColleague(User $user, DeliveryKind $kind, string $occasion, ?string $about = null): void
    {
        $this->lay($kind, "$user->id $occasion", 0, ['user_id' => $user->id, 'recipient' => $about]);
    }

    /**
     * What somebody wanted, to one of those who answer it, or, where none is named, word to the sender that it has arrived: once each on each
     * occasion.
     */
    public function aboutEnquiry(Enquiry $enquiry, DeliveryKind $kind, ?string $recipient = null, string $occasion = ''): void
    {
        $this->lay($kind, trim(trim("{$enquiry->id->hex()} $recipient")." $occasion"), 0, [
            'enquiry_id' => $enquiry->id->bytes, 'recipient' => $recipient, 'point_edition_id' => $enquiry->point_edition_id,
            'language' => $enquiry->language->value,
        ]);
    }

    /**
     * What a destination is to be told of somebody on a list, or no longer on it: once on each occasion.
     *
     * @param  int  $ahead  seconds by which it lets others go first
     */
    public function toDestination(Handover $handover, string $occasion, int $ahead = 0): void
    {
        $this->lay(DeliveryKind::Handover, "$handover->id $occasion", $ahead, [
            'subscriber_id' => $handover->subscriber_id, 'handover_id' => $handover->id,
        ]);
    }

    /** To an address that mails are to come from: once on each occasion. */
    public function toSender(SenderAddress $sender, string $occasion): void
    {
        $this->lay(DeliveryKind::Sender, "$sender->id $occasion", 0, ['sender_address_id' => $sender->id]);
    }

    /**
     * @param  string  $reason  with the kind it makes the idempotency key, so that the same reason lays out nothing twice
     * @param  array<string, int|string|null>  $columns
     */
    private function lay(DeliveryKind $kind, string $reason, int $ahead, array $columns): void
    {
        $now = $this->clock->instant();
        Delivery::query()->upsert([
            'idempotency_key' => substr(hash_hmac('sha256', "$kind->value $reason", config()->string('app.key')), 0, 32),
            'kind' => $kind->value, 'state' => DeliveryState::Waiting->value, 'due_at' => Instants::write($now), 'made_at' => Instants::write($now),
            'turn_at' => Instants::write($now->plusSeconds($ahead)), ...$columns,
        ], ['idempotency_key'], ['idempotency_key']);
    }
}
