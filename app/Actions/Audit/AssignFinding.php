<?php

declare(strict_types=1);

namespace App\Actions\Audit;

use App\Actions\ActLog;
use App\Actions\ActRefusal;
use App\Actions\Ledger\Append;
use App\Casts\Instants;
use App\Models\ActKind;
use App\Models\Assignment;
use App\Models\User;
use App\Queries\Account\ListColleagues;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Audit\Audit;
use Juramen\Audit\AuditedForm;
use Juramen\Canon\Day;
use Juramen\Canon\Refused;
use Juramen\Consent\Acts\Assigned;

/** Somebody is to mend a finding by a day. Nobody says that it is mended while it is still found. */
final class AssignFinding
{
    /** Days within which it is to be mended at most. */
    private const LONGEST = 366;

    private const LONGEST_NOTE = 1000;

    public function __construct(
        private readonly ListColleagues $colleagues, private readonly Append $append, private readonly ActLog $log, private readonly SystemClock $clock
    ) {}

    /**
     * Of several findings all are somebody's, or none.
     *
     * @param  list<NamedFinding>  $named
     * @param  string  $to  number of who is to mend them
     * @param  string  $due  the last day, like 2026-12-31
     *
     * @throws Refused where nobody who works here can mend it, or the day is none that is to come
     */
    public function __invoke(array $named, string $to, string $due, string $note, User $by): void
    {
        $user = $this->colleagues->whoMends()->get($to);
        $day = Day::tryParse($due);
        $today = $this->clock->today();
        $refusal = match (true) {
            $user === null => ActRefusal::NobodyMends,
            $day === null || $today->isAfter($day) || $day->isAfter($today->plus(self::LONGEST)) => ActRefusal::MendDay,
            mb_strlen($note) > self::LONGEST_NOTE => ActRefusal::MendNote,
            default => null,
        };
        if ($refusal !== null) {
            throw Refused::because($refusal, most: self::LONGEST);
        }
        DB::transaction(function () use ($named, $user, $day, $note, $by): void {
            foreach ($named as $each) {
                $this->assign($each, $user, $day, trim($note), $by);
            }
        }, 3);
    }

    private function assign(NamedFinding $named, User $to, Day $due, string $note, User $by): void
    {
        [$form, $finding] = [$named->form, $named->finding];
        Assignment::query()->where('form', $form->key())->where('finding', $finding->digest()->bytes)->whereNull('ended_at')
            ->update(['ended_at' => Instants::write($this->clock->instant())]);
        $assignment = Assignment::query()->create([
            'form' => $form->key(), 'requirement' => $finding->requirement, 'place' => mb_substr($finding->where, 0, 500), 'finding' => $finding->digest(),
            'user_id' => $to->id, 'due' => $due, 'note' => $note, 'made_by' => $by->id, 'made_at' => $this->clock->instant(),
        ]);
        $this->enter($assignment, 'to mend', $by->named());
        $this->log->write($by, ActKind::AssignedFinding, $form->key(), $finding->requirement);
    }

    /** It need not be mended by them any more. Said twice, it is said once. */
    public function takeBack(Assignment $assignment, User $by): void
    {
        $this->end($assignment, 'taken back', $by->named(), $by);
    }

    /** @throws Refused while it is still found */
    public function mended(Assignment $assignment, ?AuditedForm $now, User $by): void
    {
        if ($now?->finding($assignment->finding) !== null) {
            throw Refused::because(ActRefusal::StillFound);
        }
        $this->end($assignment, 'mended', $by->named(), $by);
    }

    /** @return int how many an audit finds mended */
    public function endMended(Audit $audit): int
    {
        $count = 0;
        foreach (Assignment::query()->whereNull('ended_at')->get() as $assignment) {
            $forms = array_filter($audit->forms, static fn (AuditedForm $f): bool => $f->key() === $assignment->form);
            if (array_filter($forms, static fn (AuditedForm $f): bool => $f->finding($assignment->finding) !== null) === []) {
                $this->end($assignment, 'mended', $audit->by === '' ? 'the clock' : $audit->by, null);
                $count++;
            }
        }

        return $count;
    }

    private function end(Assignment $assignment, string $says, string $named, ?User $by): void
    {
        DB::transaction(function () use ($assignment, $says, $named, $by): void {
            $held = Assignment::query()->whereKey($assignment->id)->whereNull('ended_at')->lockForUpdate()->first();
            if ($held === null) {
                return;
            }
            $held->update(['ended_at' => $this->clock->instant()]);
            $this->enter($held, $says, $named);
            if ($by !== null) {
                $this->log->write($by, $says === 'mended' ? ActKind::MendedFinding : ActKind::TookAssignmentBack, $held->form, $held->requirement);
            }
        }, 3);
    }

    private function enter(Assignment $assignment, string $says, string $by): void
    {
        ($this->append)($this->append->begin('record'), new Assigned(
            $this->clock->instant(), $assignment->form, $assignment->requirement, $assignment->place, $assignment->finding, $says,
            "user $assignment->user_id", $assignment->due->text, $assignment->note, $by
        ));
    }
}
