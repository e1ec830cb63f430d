<?php

declare(strict_types=1);

namespace App\Actions\Handover;

use App\Actions\Delivery\Outcome;
use App\Models\DestinationKey;
use App\Models\HandoverState;
use App\Support\Outgoing\OutgoingAnswer;
use App\Support\Outgoing\OutgoingClient;
use App\Support\Outgoing\OutgoingFailed;
use Juramen\Canon\CanonicalJson;
use Juramen\Points\ServiceThere;
use Juramen\Register\Destination;

/**
 * What is said to a destination, over HTTP with a key: JSON at addresses below its own.
 *
 * GET service: its fields, its groups, and how it takes addresses. PUT people/{person}/groups/{group}: somebody is on it, with their address and
 * values. DELETE of the same: somebody is not, or no longer. Either may be said as often as one likes.
 */
final class ListService
{
    public function __construct(private readonly OutgoingClient $client) {}

    /** @throws OutgoingFailed where it does not answer, or not as it should */
    public function service(Destination $destination): ServiceThere
    {
        $answer = $this->client->call('GET', "$destination->address/service", key: $this->key($destination));
        if (! $answer->isFine()) {
            throw OutgoingFailed::refused(self::problem($answer));
        }

        return ServiceThere::from($answer->document());
    }

    /** @param  string  $repeats  the same on every try */
    public function put(Destination $destination, PersonThere $person, string $repeats): Outcome
    {
        return $this->say('PUT', $destination, $person, CanonicalJson::encode($person->document()->toArray()), $repeats);
    }

    /** @param  string  $repeats  the same on every try */
    public function drop(Destination $destination, PersonThere $person, string $repeats): Outcome
    {
        return $this->say('DELETE', $destination, $person, null, $repeats);
    }

    private function say(string $method, Destination $destination, PersonThere $person, ?string $json, string $repeats): Outcome
    {
        $key = $this->key($destination);
        if ($key === null) {
            return Outcome::notNow('no-key');
        }
        try {
            $to = "$destination->address/people/$person->key/groups/".rawurlencode($person->group);
            $answer = $this->client->call($method, $to, $json, $key, $repeats);
        } catch (OutgoingFailed $e) {
            // Saying it twice does no harm, so that it is said again also where it may have arrived.
            return Outcome::notNow($e->problem);
        }
        if ($answer->isFine()) {
            $state = HandoverState::tryFrom($answer->document()->text('state'));

            return $state === null ? Outcome::notNow('not-understood-there') : Outcome::accepted($state->value);
        }

        return match (true) {
            in_array($answer->status, [400, 404, 409, 410, 422], true) => Outcome::refused(self::problem($answer)),
            default => Outcome::notNow(self::problem($answer)),
        };
    }

    private function key(Destination $destination): ?string
    {
        return DestinationKey::query()->find($destination->id->text)?->secret;
    }

    private static function problem(OutgoingAnswer $answer): string
    {
        return match ($answer->status) {
            401, 403 => 'key-refused',
            default => "destination-said-$answer->status",
        };
    }
}
