<?php

declare(strict_types=1);

namespace App\Pages\Desk;

use App\Casts\Instants;
use App\Models\Decided;
use App\Models\Proposal;
use App\Models\Record;
use App\Models\User;
use App\Queries\Registers\RegistersInForce;
use App\Support\Moments;
use App\Support\SystemClock;
use Illuminate\Database\Eloquent\Builder;
use Juramen\Register\RecordKind;

/** What somebody submitted or handed over: for whoever decides it, and, sent back, for whoever wrote it. */
final class Handovers
{
    /** Days for which somebody is told that something came back. */
    private const TOLD = 30;

    public function __construct(private readonly RegistersInForce $inForce, private readonly SystemClock $clock) {}

    /** @return list<Decision> all of it for whoever approves; one's own for everybody else */
    public function waiting(User $user): array
    {
        $waiting = Proposal::query()->with('record', 'submitter')->whereNull('decision')->orderBy('submitted_at')
            ->when(! $user->can('approve', Record::class), static fn (Builder $q) => $q->where('submitted_by', $user->id))->get();

        return array_values($waiting->map(function (Proposal $p) use ($user): Decision {
            [$own, $sheet] = [$p->submitted_by === $user->id, $p->record->kind === RecordKind::Sheet];
            $says = match (true) {
                $own => 'waits for somebody else to '.($sheet ? 'publish what you handed over.' : 'approve what you submitted.'),
                $sheet => "is handed over for publishing by {$p->submitter->name}.",
                default => "waits for approval; {$p->submitter->name} submitted it.",
            };

            return new Decision(
                1, Moments::day($p->submitted_at), $this->named($p->record), $says, $p->comment, $own ? 'See it' : 'Review',
                $sheet ? route('points.publish', $p->record->slug) : route('records.review', [$p->record->kind->value, $p->record->slug]),
                $p->submitted_at->text()
            );
        })->all());
    }

    /** @return list<int> ids of records that wait for somebody's decision */
    public function open(): array
    {
        return array_map(intval(...), Proposal::query()->whereNull('decision')->pluck('record_id')->all());
    }

    /** @return list<Decision> what came back to whoever submitted it */
    public function returned(User $user): array
    {
        $returned = Proposal::query()->with('record', 'decider')->where('submitted_by', $user->id)->where('decision', Decided::Returned)
            ->where('decided_at', '>', Instants::write($this->clock->instant()->plusDays(-self::TOLD)))
            ->whereRaw('id = (SELECT MAX(p.id) FROM proposals p WHERE p.record_id = proposals.record_id)')->get();

        return array_values($returned->map(fn (Proposal $p): Decision => new Decision(
            1, Moments::day($p->decided_at ?? $p->submitted_at), $this->named($p->record), "came back from {$p->decider?->name}.", $p->reply, 'Write on',
            $p->record->kind === RecordKind::Sheet ? route('points.sheet', $p->record->slug)
                : route('records.show', [$p->record->kind->value, $p->record->slug])
        ))->all());
    }

    private function named(Record $record): string
    {
        return $record->kind === RecordKind::Sheet ? $this->inForce->nameOf($record->slug) : ucfirst($record->kind->noun()).' '.$record->called();
    }
}
