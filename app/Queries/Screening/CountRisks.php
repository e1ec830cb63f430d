<?php

declare(strict_types=1);

namespace App\Queries\Screening;

use App\Casts\Instants;
use App\Models\AssessedSubmission;
use App\Models\PublishedEdition;
use App\Support\Stored;
use App\Support\SystemClock;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Pagination\LengthAwarePaginator;
use Juramen\Screening\Lines;
use Juramen\Screening\RiskCount;
use Juramen\Screening\Tuning;

/** How many submissions came lately with which risk, at all points or one. */
final class CountRisks
{
    private const ON_A_PAGE = 20;

    /** Whether its browser or its person had solved the puzzle, which is not put twice. */
    private const SOLVED = "(signals LIKE '%puzzle-solved%')";

    public function __construct(private readonly SystemClock $clock) {}

    /**
     * @param  int  $days  that are looked back
     * @param  int|null  $point  id of one point; null of all
     * @return list<RiskCount>
     */
    public function of(int $days, ?int $point): array
    {
        $rows = $this->since($days, $point)->toBase()->groupBy('risk', 'solved')->orderBy('risk')
            ->selectRaw('risk, '.self::SOLVED." AS solved, COUNT(*) AS count, SUM(decided <=> 'ham') AS ham, SUM(decided <=> 'spam') AS spam")->get();

        return array_values(array_map(static fn (object $row): RiskCount => new RiskCount(
            Stored::number($row->risk), Stored::number($row->count), Stored::number($row->ham), Stored::number($row->spam),
            Stored::number($row->solved) === 1
        ), $rows->all()));
    }

    /**
     * Those that other lines would put into another band, the newest first.
     *
     * @return LengthAwarePaginator<int, AssessedSubmission>
     */
    public function moved(int $days, ?int $point, Lines $from, Lines $to): LengthAwarePaginator
    {
        return $this->since($days, $point)->where(function (Builder $either) use ($from, $to): void {
            foreach ([false, true] as $solved) {
                $either->orWhere(static fn (Builder $of): Builder => $of->whereRaw(self::SOLVED.' = ?', [(int) $solved])
                    ->whereIn('risk', Tuning::moved($from, $to, $solved)));
            }
        })->orderByDesc('assessed_at')->orderByDesc('id')->paginate(self::ON_A_PAGE)->withQueryString();
    }

    /** @return Builder<AssessedSubmission> */
    private function since(int $days, ?int $point): Builder
    {
        $query = AssessedSubmission::query()->where('assessed_at', '>', Instants::write($this->clock->instant()->plusDays(-$days)));

        return $point === null ? $query : $query->whereIn('point_edition_id', PublishedEdition::query()->select('id')->where('point_id', $point));
    }
}
