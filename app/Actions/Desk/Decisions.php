<?php

declare(strict_types=1);

namespace App\Actions\Desk;

use App\Actions\Ledger\LedgerTables;
use App\Actions\Points\SheetPage;
use App\Actions\Points\TakeStock;
use App\Casts\Instants;
use App\Models\Exception as ExceptionRow;
use App\Models\HeldSubmission;
use App\Models\Message;
use App\Models\MessageState;
use App\Models\Point;
use App\Models\Subscriber;
use App\Models\User;
use App\Support\Moments;
use App\Support\SystemClock;

/** Gathers what needs a decision, for the person who looks, in order of urgency. */
final class Decisions
{
    /** Seconds after which a mail that is due and not sent means that the worker stands still. */
    private const WORKER_STALLED = 300;

    private const SEALING_STALLED = 120;

    public function __construct(private readonly TakeStock $stock, private readonly SheetPage $page, private readonly LedgerTables $ledger, private readonly SystemClock $clock) {}

    /** @return list<Decision> */
    public function for(User $user): array
    {
        $all = [
            ...($user->can('viewAny', Message::class) ? $this->mails() : []),
            ...($user->can('viewAny', Subscriber::class) ? [...$this->sealing(), ...$this->held()] : []),
            ...($user->can('viewAny', Point::class) ? [...$this->points(), ...$this->exceptions()] : []),
        ];
        usort($all, static fn (Decision $a, Decision $b): int => [$a->urgency, $a->sort] <=> [$b->urgency, $b->sort]);

        return $all;
    }

    /** @return list<Decision> */
    private function mails(): array
    {
        $decisions = [];
        $uncertain = Message::query()->where('state', MessageState::Uncertain)->count();
        if ($uncertain > 0) {
            $decisions[] = new Decision(0, 'Today', $uncertain === 1 ? 'One mail' : "$uncertain mails", ($uncertain === 1 ? 'is' : 'are').' uncertain: nobody knows whether the mail server took '.($uncertain === 1 ? 'it' : 'them').'.', 'Nothing is sent twice by itself.', 'Decide', route('mails'));
        }
        $late = $this->clock->instant()->plusSeconds(-self::WORKER_STALLED);
        $due = Message::query()->where('state', MessageState::Waiting)->where('due_at', '<', Instants::write($late))->count();
        if ($due > 0) {
            $decisions[] = new Decision(0, 'Today', 'The worker stands still:', ($due === 1 ? 'one mail has' : "$due mails have").' been due for more than five minutes.', 'No sign-up lapses meanwhile; days count from the mail\'s acceptance.', 'See the mails', route('mails', ['state' => 'waiting']));
        }

        return $decisions;
    }

    /** @return list<Decision> */
    private function sealing(): array
    {
        $late = Instants::write($this->clock->instant()->plusSeconds(-self::SEALING_STALLED));
        $open = $this->ledger->table('entries')->leftJoin(config('juramen.ledger_schema').'.leaves', 'leaves.position', '=', 'entries.position')
            ->whereNull('leaves.position')->where('recorded', '<', $late)->count();

        return $open === 0 ? [] : [new Decision(0, 'Today', 'Sealing stands still:', ($open === 1 ? 'one entry waits' : "$open entries wait").' to be sealed.', 'The scheduler has stopped, or the ledger is not the one that was sealed before. Ask your administrator to run ledger:verify.', 'Look a person up', route('evidence'))];
    }

    /** @return list<Decision> */
    private function held(): array
    {
        $count = HeldSubmission::query()->count();
        if ($count === 0) {
            return [];
        }
        $first = HeldSubmission::query()->orderBy('deleted_at')->firstOrFail()->deleted_at;

        return [new Decision(1, Moments::day($first), $count === 1 ? 'One held submission' : "$count held submissions", $count === 1 ? 'is deleted unless somebody decides.' : 'wait; the first is deleted then unless somebody decides.', '', 'Decide', route('held'), $first->text())];
    }

    /** @return list<Decision> */
    private function points(): array
    {
        $decisions = [];
        foreach (($this->stock)() as $row) {
            $page = $this->page->of($row['point'], $row['point']->revisions()->orderByDesc('number')->firstOrFail());
            $uncovered = SheetPage::uncovered($page['judgement']->breaches(), $page['excepted']);
            $link = route('points.sheet', $row['point']->slug);
            if ($uncovered !== []) {
                $n = count($uncovered);
                $decisions[] = new Decision(0, 'Today', $row['sheet']->name, 'has '.($n === 1 ? 'a breach' : "$n breaches").($row['edition'] === null ? ' and cannot be published.' : '.'), $uncovered[0]->result->says, $n === 1 ? 'See the note' : 'See the notes', $link);
            } elseif ($row['draft']) {
                $decisions[] = new Decision(2, 'Waiting', $row['sheet']->name, $row['edition'] === null ? 'was never published.' : "has a draft after edition {$row['edition']}.", 'Saved '.Moments::exact($row['saved']).'.', 'Review', route('points.publish', $row['point']->slug));
            }
        }

        return $decisions;
    }

    /** @return list<Decision> */
    private function exceptions(): array
    {
        $today = $this->clock->instant()->utc;

        return array_values(ExceptionRow::query()->with('point', 'maker')->whereBetween('until', [$today->format('Y-m-d'), $today->modify('+21 days')->format('Y-m-d')])->orderBy('until')->get()
            ->map(static fn (ExceptionRow $row): Decision => new Decision(1, date('j M', (int) strtotime($row->until)), $row->point->slug, "is excepted from {$row->requirement} until then.", "{$row->maker->name}: {$row->reason}", 'Mend or renew', route('points.sheet', $row->point->slug), $row->until))->all());
    }
}
