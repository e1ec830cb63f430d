<?php

declare(strict_types=1);

namespace App\Queries\Points;

use App\Casts\Instants;
use App\Models\AcceptedFinding;
use App\Models\Point;
use App\Models\Proposal;
use App\Queries\Registers\RegistersInForce;
use App\Support\Stored;
use App\Support\SystemClock;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Juramen\Audit\Finding;
use Juramen\Audit\Verdict;
use Juramen\Points\Registers;
use Juramen\Points\SheetDraft;

/** Lists the signup points with how each stands. */
final class PointStatuses
{
    private const DAYS = 30;

    public function __construct(
        private readonly Judgements $judgements,
        private readonly Exceptions $exceptions,
        private readonly RegistersInForce $inForce,
        private readonly SystemClock $clock,
    ) {}

    /** @return list<PointStatus> in the order of their names */
    public function __invoke(string $search = ''): array
    {
        $registers = $this->inForce->registers();
        $points = Point::query()->with('controller', 'current', 'record.newest.author')->orderBy('slug')->get();
        $exceptions = $this->exceptions->of(array_values($points->pluck('id')->all()))->groupBy('point_id');
        $signups = $this->signups();
        $proposed = array_flip(array_map(Stored::number(...), array_values(Proposal::query()->whereNull('decision')->pluck('record_id')->all())));
        $statuses = [];
        foreach ($points as $point) {
            $status = $this->status($point, $registers, $exceptions->get($point->id, new Collection), (int) ($signups[$point->id] ?? 0), $proposed);
            if ($search === '' || mb_stripos($status->sheet->draft->name.' '.$status->sheet->draft->place.' '.$point->slug, $search) !== false) {
                $statuses[] = $status;
            }
        }

        return $statuses;
    }

    /** @return Collection<int, int> id of a point to its sign-ups of the last days */
    private function signups(): Collection
    {
        return DB::table('journeys')->join('point_editions', 'point_editions.id', '=', 'journeys.point_edition_id')
            ->where('besides', false)->where('asked_at', '>', Instants::write($this->clock->instant()->plusDays(-self::DAYS)))->groupBy('point_id')
            ->selectRaw('point_id, COUNT(*) AS n')->pluck('n', 'point_id');
    }

    /**
     * @param  Collection<int, AcceptedFinding>  $exceptions  of this point
     * @param  array<int, int>  $proposed  ids of records that wait for a decision, as keys
     */
    private function status(Point $point, Registers $registers, Collection $exceptions, int $signups, array $proposed): PointStatus
    {
        $revision = $point->record->newest ?? $point->record->revisions()->orderByDesc('number')->firstOrFail();
        $sheet = $registers->complete(SheetDraft::from($revision->document));
        $edition = $point->current;
        $judgement = $this->judgements->ofSheet($sheet, $registers);
        $findings = Finding::all($sheet->document(), $judgement->notes);
        $uncovered = $findings->without(Exceptions::among($exceptions, $findings))->filter(static fn (Finding $f): bool => $f->stops());

        return new PointStatus(
            $point, $sheet, $revision, $edition?->number,
            $edition === null || ! $edition->edition()->shows($sheet, $registers->controller($sheet->draft->controller)),
            $edition === null || $edition->revision !== $revision->number,
            $judgement->count(Verdict::Breach), $judgement->count(Verdict::Weakness), count($judgement->unwritten),
            $uncovered->all(), $registers->applied($sheet->draft), $signups, $edition, isset($proposed[$point->record_id]), $judgement,
        );
    }
}
