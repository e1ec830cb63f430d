<?php

declare(strict_types=1);

namespace App\Actions\Handover;

use App\Actions\ActRefusal;
use App\Actions\Delivery\Outcome;
use App\Models\DestinationFacts;
use App\Models\User;
use App\Support\SystemClock;
use Juramen\Canon\ById;
use Juramen\Canon\Id;
use Juramen\Canon\Refused;
use Juramen\Points\FilledField;
use Juramen\Points\ValueType;
use Juramen\Register\Destination;

/**
 * Hands the address of whoever tries it to a destination as it would a person's, says in which state it arrived, and takes it back.
 */
final class TryDestination
{
    public function __construct(private readonly ListService $service, private readonly SystemClock $clock) {}

    /** @throws Refused where nothing can be tried yet */
    public function __invoke(Destination $destination, User $user): Outcome
    {
        $there = array_values(array_filter($destination->lists->all(), static fn ($l): bool => $l->group !== ''))[0] ?? null;
        if ($destination->address === '' || $there === null) {
            throw Refused::because(ActRefusal::NothingToTry);
        }
        $key = new KeyThere('try-'.Id::random()->hex());
        $person = new PersonThere(
            $key->text, $there->group, $user->email, $this->samples($destination), confirmed: $this->clock->instant()->text()
        );
        $outcome = $this->service->put($destination, $person, Id::random()->hex());
        if ($outcome->isAccepted()) {
            $this->service->drop($destination, $key->in($there->group), Id::random()->hex());
        }
        DestinationFacts::query()->updateOrCreate(
            ['destination' => $destination->id->text], ['tested' => $outcome->says ?? $outcome->problem, 'tested_at' => $this->clock->instant()]
        );

        return $outcome;
    }

    /** @return ById<FilledField> something in every field that is mapped, so that what is refused shows */
    private function samples(Destination $destination): ById
    {
        $service = DestinationFacts::serviceOf($destination->id->text);
        $filled = ById::none();
        foreach ($destination->mapping->all() as $mapped) {
            $field = $destination->field($mapped->of);
            if ($field !== null) {
                $filled = $filled->with($field, new FilledField($field, match ($service?->fields->get($field)?->type) {
                    ValueType::Number => '7',
                    ValueType::Day => '2001-02-03',
                    ValueType::Moment => $this->clock->instant()->text(),
                    ValueType::Link => url('/'),
                    default => 'Juramen',
                }));
            }
        }

        return $filled;
    }
}
