<?php

declare(strict_types=1);

namespace App\Actions\Registers;

use App\Actions\ActLog;
use App\Actions\ActRefusal;
use App\Models\ActKind;
use App\Models\Decided;
use App\Models\Proposal;
use App\Models\Record;
use App\Models\User;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Day;
use Juramen\Canon\Refused;

/** A draft is submitted for approval, returned with a reply, or taken back. */
final class Propose
{
    private const LONGEST = 1000;

    private const SHORTEST_REPLY = 5;

    public function __construct(private readonly ActLog $log, private readonly SystemClock $clock) {}

    /**
     * Submits the newest revision; an older proposal that still waits is overtaken by it.
     *
     * @param  Day|null  $effective  from which day on it is to hold; null for whatever the officer decides
     */
    public function submit(Record $record, User $by, string $comment, ?Day $effective = null): Proposal
    {
        return DB::transaction(function () use ($record, $by, $comment, $effective): Proposal {
            Record::query()->whereKey($record->id)->lockForUpdate()->exists();
            $newest = $record->revisions()->orderByDesc('number')->firstOrFail();
            $open = $record->openProposal();
            if ($open?->revision === $newest->number) {
                return $open;
            }
            $this->decide($record, Decided::Withdrawn, $by, 'Overtaken by a newer draft.');
            $this->log->write($by, ActKind::Submitted, $record->name()->text());

            return $record->proposals()->create([
                'revision' => $newest->number, 'submitted_by' => $by->id, 'submitted_at' => $this->clock->instant(),
                'comment' => mb_substr(trim($comment), 0, self::LONGEST), 'effective' => $effective?->text,
            ]);
        }, 3);
    }

    /** @throws Refused where nothing waits any more, or the reply does not say what is to be changed */
    public function return(Record $record, User $by, string $reply): void
    {
        if (mb_strlen(trim($reply)) < self::SHORTEST_REPLY) {
            throw Refused::because(ActRefusal::ReplyNeeded);
        }
        if ($this->decide($record, Decided::Returned, $by, $reply) === 0) {
            throw Refused::because(ActRefusal::NothingHandedOver);
        }
        $this->log->write($by, ActKind::Returned, $record->name()->text());
    }

    public function takeBack(Record $record, User $by): void
    {
        if ($this->decide($record, Decided::Withdrawn, $by, '') > 0) {
            $this->log->write($by, ActKind::TookBack, $record->name()->text());
        }
    }

    /** Whatever waits for a decision gets this one. @return int how much it was */
    public function decide(Record $record, Decided $decision, User $by, string $reply): int
    {
        return $record->proposals()->whereNull('decision')->update([
            'decision' => $decision, 'decided_by' => $by->id, 'decided_at' => $this->clock->instant()->utc->format('Y-m-d H:i:s.u'),
            'reply' => mb_substr(trim($reply), 0, self::LONGEST),
        ]);
    }
}
