<?php

declare(strict_types=1);

namespace App\Actions\Audit;

use App\Actions\ActLog;
use App\Actions\ActRefusal;
use App\Actions\Ledger\Append;
use App\Actions\ProofFile;
use App\Casts\Instants;
use App\Models\ActKind;
use App\Models\AnswerFile;
use App\Models\AnswerSays;
use App\Models\AuditAnswer;
use App\Models\User;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Audit\AuditedFinding;
use Juramen\Audit\AuditedForm;
use Juramen\Audit\Verdict;
use Juramen\Canon\Day;
use Juramen\Canon\Refused;
use Juramen\Consent\Acts\Attested;

/**
 * Somebody attests that what is asked is met, or accepts a finding for a while; never without a reason and an end. It holds for exactly what was
 * found: where that changes, the question stands again.
 */
final class AnswerFinding
{
    /** Days for which an answer may hold at most: twelve months. */
    private const LONGEST = 366;

    private const SHORTEST_REASON = 15;

    private const LONGEST_REASON = 1000;

    public function __construct(private readonly Append $append, private readonly ActLog $log, private readonly SystemClock $clock) {}

    /** @throws Refused where the finding is no question and is attested, no reason or no end is given */
    public function __invoke(
        AuditedForm $form, AuditedFinding $finding, AnswerSays $says, string $reason, string $until, User $by, ?ProofFile $file = null
    ): AuditAnswer {
        $reason = trim($reason);
        $refusal = match (true) {
            $says === AnswerSays::Met && $finding->verdict !== Verdict::Open => ActRefusal::NotAttested,
            mb_strlen($reason) < self::SHORTEST_REASON || mb_strlen($reason) > self::LONGEST_REASON => ActRefusal::AnswerReason,
            ! $this->isEnd($until) => ActRefusal::AnswerEnd,
            default => null,
        };
        if ($refusal !== null) {
            throw Refused::because($refusal, most: self::LONGEST);
        }

        return DB::transaction(function () use ($form, $finding, $says, $reason, $until, $by, $file): AuditAnswer {
            $this->end($form, $finding);
            $answer = AuditAnswer::query()->create([
                'form' => $form->key(), 'requirement' => $finding->requirement, 'place' => mb_substr($finding->where, 0, 500), 'finding' => $finding->digest(),
                'says' => $says, 'reason' => $reason, 'until' => $until, 'user_id' => $by->id, 'made_at' => $this->clock->instant(),
                'file' => $file?->digest(), 'times' => $finding->times,
            ]);
            $file === null || AnswerFile::keep($file);
            $this->enter($answer, $says->value, $by, (string) $file?->said());
            $this->log->write($by, $says === AnswerSays::Met ? ActKind::Attested : ActKind::AcceptedFinding, $form->key(), $finding->requirement);

            return $answer;
        }, 3);
    }

    /**
     * The same of several, or of none of them.
     *
     * @param  list<NamedFinding>  $named
     *
     * @throws Refused where it cannot be said of one of them
     */
    public function each(array $named, AnswerSays $says, string $reason, string $until, User $by, ?ProofFile $file = null): void
    {
        DB::transaction(function () use ($named, $says, $reason, $until, $by, $file): void {
            foreach ($named as $each) {
                $this($each->form, $each->finding, $says, $reason, $until, $by, $file);
            }
        }, 3);
    }

    /** The finding stands again as if nobody had said anything. Said twice, it is said once. */
    public function takeBack(AuditAnswer $answer, User $by): void
    {
        DB::transaction(function () use ($answer, $by): void {
            $held = AuditAnswer::query()->whereKey($answer->id)->whereNull('ended_at')->lockForUpdate()->first();
            if ($held !== null) {
                $held->update(['ended_at' => $this->clock->instant()]);
                $this->enter($held, 'taken back', $by);
                $this->log->write($by, ActKind::TookAnswerBack, $held->form, $held->requirement);
            }
        }, 3);
    }

    private function end(AuditedForm $form, AuditedFinding $finding): void
    {
        AuditAnswer::query()->where('form', $form->key())->where('finding', $finding->digest()->bytes)->whereNull('ended_at')
            ->update(['ended_at' => Instants::write($this->clock->instant())]);
    }

    private function enter(AuditAnswer $answer, string $says, User $by, string $file = ''): void
    {
        ($this->append)($this->append->begin('record'), new Attested(
            $this->clock->instant(), $answer->form, $answer->requirement, $answer->place, $answer->finding, $says, $answer->reason, $answer->until, $file,
            $by->named()
        ));
    }

    private function isEnd(string $until): bool
    {
        $today = $this->clock->today();
        $end = Day::tryParse($until);

        return $end !== null && $end->isAfter($today) && ! $end->isAfter($today->plus(self::LONGEST));
    }
}
