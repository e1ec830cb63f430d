<?php

declare(strict_types=1);

namespace App\Actions\Points;

use App\Actions\Registers\InForce;
use App\Casts\Instants;
use App\Models\Point;
use App\Models\PointEdition as EditionRow;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Audit\Finding;
use Juramen\Audit\Note;
use Juramen\Audit\Verdict;
use Juramen\Points\Registers;
use Juramen\Points\Sheet;

/** Lists the signup points with how each stands. */
final class TakeStock
{
    public function __construct(private readonly JudgeSheet $judge, private readonly ReviewPublication $review, private readonly InForce $inForce, private readonly SystemClock $clock) {}

    /** @return list<Standing> */
    public function __invoke(string $search = ''): array
    {
        $registers = $this->inForce->registers();
        $since = Instants::write($this->clock->instant()->plusDays(-30));
        $signups = DB::table('journeys')->join('point_editions', 'point_editions.id', '=', 'journeys.point_edition_id')
            ->where('asked_at', '>', $since)->groupBy('point_id')->selectRaw('point_id, COUNT(*) AS n')->pluck('n', 'point_id');
        $rows = [];
        foreach (Point::query()->with('controller', 'record.newest.author')->orderBy('slug')->get() as $point) {
            $row = $this->standing($point, $registers, (int) ($signups[$point->id] ?? 0));
            if ($search === '' || mb_stripos($row->sheet->name.' '.$row->sheet->place.' '.$point->slug, $search) !== false) {
                $rows[] = $row;
            }
        }

        return $rows;
    }

    private function standing(Point $point, Registers $registers, int $signups): Standing
    {
        $revision = $point->record->newest ?? $point->record->revisions()->orderByDesc('number')->firstOrFail();
        $sheet = Sheet::read($registers->complete($revision->document));
        $edition = EditionRow::query()->where('point_id', $point->id)->orderByDesc('number')->first();
        $judgement = ($this->judge)($sheet, $registers);
        $findings = Finding::of($sheet, $judgement->notes);
        $count = static fn (Verdict $verdict): int => count(array_filter($judgement->notes, static fn (Note $n): bool => $n->result->verdict === $verdict));

        return new Standing(
            $point, $sheet, $revision, $edition?->number,
            $edition === null || SheetPage::isDraft($edition, $sheet, $registers),
            $edition === null || $edition->revision !== $revision->number,
            $count(Verdict::Breach), $count(Verdict::Weakness),
            array_values(array_filter(array_diff_key($findings, $this->review->covering($point, $findings)), static fn (Finding $f): bool => $f->isBreach())),
            $registers->holdings($revision->document), $signups,
        );
    }
}
