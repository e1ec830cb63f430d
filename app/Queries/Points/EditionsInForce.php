<?php

declare(strict_types=1);

namespace App\Queries\Points;

use App\Models\Point;
use App\Models\PublishedEdition;
use App\Support\Joined;
use Illuminate\Database\Eloquent\Builder;

/** The edition in force of points, each with its point, in one query. */
final class EditionsInForce
{
    /** @return list<PublishedEdition> of every published point, by name */
    public function all(): array
    {
        return $this->read(static fn (Builder $query): Builder => $query);
    }

    /**
     * @param  list<string>  $slugs
     * @return list<PublishedEdition> of those among them that are published, by name
     */
    public function of(array $slugs): array
    {
        return $this->read(static fn (Builder $query): Builder => $query->whereIn('points.slug', $slugs));
    }

    /**
     * @param  callable(Builder<PublishedEdition>): Builder<PublishedEdition>  $narrow
     * @return list<PublishedEdition>
     */
    private function read(callable $narrow): array
    {
        $query = PublishedEdition::query()->join('points', 'points.id', '=', 'point_editions.point_id')
            ->whereRaw('point_editions.number = (SELECT MAX(e.number) FROM point_editions e WHERE e.point_id = points.id)')->orderBy('points.slug');
        $columns = ['slug', 'subject', 'controller_id', 'record_id', 'paused_at'];
        $rows = $narrow($query)->get(['point_editions.*', ...array_map(static fn (string $c): string => "points.$c", $columns)]);
        foreach ($rows as $row) {
            Joined::apart($row, 'point', 'point_id', new Point, $columns);
        }

        return array_values($rows->all());
    }
}
