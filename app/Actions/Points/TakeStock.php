<?php

declare(strict_types=1);

namespace App\Actions\Points;

use App\Casts\Instants;
use App\Models\Point;
use App\Models\PointEdition;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Audit\Note;
use Juramen\Audit\Verdict;
use Juramen\Canon\Instant;
use Juramen\Points\Sheet;

/** Lists the signup points with how each stands. */
final class TakeStock
{
    public function __construct(private readonly JudgeSheet $judge, private readonly SystemClock $clock) {}

    /** @return list<array{point: Point, sheet: Sheet, edition: int|null, draft: bool, breaches: int, weaknesses: int, signups: int, saved: Instant}> */
    public function __invoke(string $search = ''): array
    {
        $since = Instants::write($this->clock->instant()->plusDays(-30));
        $signups = DB::table('journeys')->join('point_editions', 'point_editions.id', '=', 'journeys.point_edition_id')
            ->where('asked_at', '>', $since)->groupBy('point_id')->selectRaw('point_id, COUNT(*) AS n')->pluck('n', 'point_id');
        $rows = [];
        foreach (Point::query()->with('controller')->orderBy('slug')->get() as $point) {
            $revision = $point->revisions()->orderByDesc('number')->firstOrFail();
            $sheet = Sheet::read($revision->document);
            if ($search !== '' && mb_stripos($sheet->name.' '.$sheet->place.' '.$point->slug, $search) === false) {
                continue;
            }
            $edition = PointEdition::query()->where('point_id', $point->id)->orderByDesc('number')->first();
            $notes = ($this->judge)($point, $sheet)->notes;
            $count = static fn (Verdict $verdict): int => count(array_filter($notes, static fn (Note $n): bool => $n->result->verdict === $verdict));
            $rows[] = [
                'point' => $point, 'sheet' => $sheet, 'edition' => $edition?->number,
                'draft' => $edition === null || json_decode($edition->bytes, true)['sheet'] != $revision->document,
                'breaches' => $count(Verdict::Breach), 'weaknesses' => $count(Verdict::Weakness), 'signups' => (int) ($signups[$point->id] ?? 0), 'saved' => $revision->saved_at,
            ];
        }

        return $rows;
    }
}
