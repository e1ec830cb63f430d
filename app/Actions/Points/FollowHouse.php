<?php

declare(strict_types=1);

namespace App\Actions\Points;

use App\Actions\ActRefusal;
use App\Actions\Registers\ChangeRecord;
use App\Models\Point;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Document;
use Juramen\Canon\Place;
use Juramen\Canon\Refused;
use Juramen\Register\Rule;

/** Ends chosen departures: each sheet gets a revision and waits on the desk to be published. All of them, or none. */
final class FollowHouse
{
    public function __construct(private readonly ChangeRecord $change) {}

    /**
     * @param  list<string>  $chosen  point and rule, like "footer-newsletter/lapse-days"; what is neither is passed over
     * @return int how many sheets follow again
     *
     * @throws Refused where one is of a controller for whom the author does not work
     */
    public function __invoke(array $chosen, User $author): int
    {
        $rules = [];
        foreach ($chosen as $each) {
            [$slug, $rule] = [...explode('/', $each, 2), ''];
            if (Rule::tryFrom($rule) !== null) {
                $rules[$slug][] = $rule;
            }
        }

        return DB::transaction(function () use ($rules, $author): int {
            $points = Point::query()->with('record.newest')->whereIn('slug', array_map(strval(...), array_keys($rules)))->orderBy('id')->get();
            foreach ($points as $point) {
                if (! $author->can('change', $point)) {
                    throw Refused::because(ActRefusal::NotYourController, controller: $point->slug);
                }
                $ends = $rules[$point->slug];
                $said = 'follows the house again: '.implode(', ', $ends);
                $base = $point->record->newest->number ?? 1;
                $this->change->change($point->record, $author, $base, $said, static function (Document $document) use ($ends): Document {
                    foreach ($ends as $rule) {
                        $document = $document->without(Place::of('departures', $rule));
                    }

                    return $document;
                });
            }

            return $points->count();
        }, 3);
    }
}
