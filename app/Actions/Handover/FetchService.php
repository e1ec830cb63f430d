<?php

declare(strict_types=1);

namespace App\Actions\Handover;

use App\Actions\ActRefusal;
use App\Models\DestinationFacts;
use App\Support\Outgoing\OutgoingFailed;
use App\Support\SystemClock;
use Juramen\Canon\Refused;
use Juramen\Points\ServiceThere;
use Juramen\Register\Destination;

/** Asks a destination for its fields and groups, and keeps what it says. */
final class FetchService
{
    public function __construct(private readonly ListService $service, private readonly SystemClock $clock) {}

    /** @throws Refused where it does not answer, or not as it should; what it said before is kept then */
    public function __invoke(Destination $destination): ServiceThere
    {
        if ($destination->address === '') {
            throw Refused::because(ActRefusal::NoAddressThere);
        }
        try {
            $there = $this->service->service($destination);
        } catch (OutgoingFailed $e) {
            throw Refused::because(ActRefusal::NotReached, why: __('office.problems.'.$e->problem));
        }
        DestinationFacts::query()->updateOrCreate(
            ['destination' => $destination->id->text], ['service' => $there->document()->json(), 'fetched_at' => $this->clock->instant()]
        );

        return $there;
    }
}
