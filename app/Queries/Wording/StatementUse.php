<?php

declare(strict_types=1);

namespace App\Queries\Wording;

use App\Models\ApprovedEdition;
use App\Queries\Registers\RegistersInForce;
use App\Queries\Registers\SheetOnFile;
use App\Support\Tally;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Slug;
use Juramen\Consent\JourneyState;

/** Where a statement is used: on which sheets, in which editions of points, and how many people agreed to exactly those words. */
final class StatementUse
{
    public function __construct(private readonly RegistersInForce $inForce) {}

    /** @return list<SheetOnFile> sheets on which it stands now */
    public function sheets(string $statement): array
    {
        return $this->inForce->sheetsWith(Slug::parse($statement));
    }

    /**
     * Uses of editions of statements.
     *
     * @param  Collection<int, ApprovedEdition>  $editions
     * @param  int  $countTo  how far people are counted for each
     * @return Collection<int, EditionUse> by the edition's id
     */
    public function of(Collection $editions, int $countTo = Tally::ALL): Collection
    {
        $digests = $editions->map(static fn (ApprovedEdition $e): string => $e->digest->bytes)->all();
        $points = DB::table('edition_statements')->join('point_editions', 'point_editions.id', '=', 'edition_statements.point_edition_id')
            ->join('points', 'points.id', '=', 'point_editions.point_id')
            ->whereIn('statement', $digests)->orderBy('points.slug')->orderBy('point_editions.number')
            ->selectRaw(
                'statement, points.slug, point_editions.number,'
                .' NOT EXISTS (SELECT 1 FROM point_editions l WHERE l.point_id = points.id AND l.number > point_editions.number) AS current'
            )->get();

        return $editions->keyBy('id')->map(static function (ApprovedEdition $edition) use ($points, $countTo): EditionUse {
            $stood = $points->where('statement', $edition->digest->bytes);

            return new EditionUse(
                array_values($stood->map(static fn (object $p): StoodAt => new StoodAt((string) $p->slug, (int) $p->number))->all()),
                array_values($stood->where('current', 1)->pluck('slug')->all()),
                Tally::of(self::people($edition), $countTo),
            );
        });
    }

    /** Everybody who agreed to exactly the words of an edition and, where it was needed, confirmed. */
    private static function people(ApprovedEdition $edition): Builder
    {
        return DB::table('journey_answers')->join('journeys', 'journeys.id', '=', 'journey_answers.journey')->where('edition', $edition->digest->bytes)
            ->where('state', JourneyState::Confirmed->value)->select('subscriber_id')->distinct();
    }
}
