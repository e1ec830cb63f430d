<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\ActLog;
use App\Actions\Ledger\Append;
use App\Actions\Ledger\LedgerTables;
use App\Models\ActKind;
use App\Models\AssessedSubmission;
use App\Models\HeldDecision;
use App\Models\HeldSubmission;
use App\Models\User;
use App\Queries\Registers\RegistersInForce;
use App\Support\FlowLog;
use App\Support\PublishedForms;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Instant;
use Juramen\Consent\EntryKind;
use Juramen\Consent\Target;
use Juramen\Points\PointEdition;
use Juramen\Points\Said;
use Juramen\Register\Channel;
use Juramen\Register\EmailAddress;
use Juramen\Register\Retention;
use Juramen\Screening\Assessment;
use Juramen\Screening\Band;

/** Keeps what screening does not let pass, encrypted and for a set time, until a person releases or deletes it. */
final class HoldSubmission
{
    public function __construct(
        private readonly SpendMark $spend,
        private readonly KeepAssessment $assessed,
        private readonly AcceptSignup $accept,
        private readonly KeepEnquiry $keep,
        private readonly KnowSubscriber $subscribers,
        private readonly Append $append,
        private readonly LedgerTables $ledger,
        private readonly PublishedForms $published,
        private readonly RegistersInForce $inForce,
        private readonly FlowLog $flow,
        private readonly ActLog $log,
        private readonly SystemClock $clock,
    ) {}

    /**
     * @throws MarkAlreadySpent
     */
    public function __invoke(Signup $signup, Assessment $assessment): void
    {
        DB::transaction(function () use ($signup, $assessment): void {
            if (! ($this->spend)($signup)) {
                return;
            }
            // What the person wanted besides reaches whoever answers it, marked; what waits is the consent.
            $serves = $signup->edition->sheet->draft->kind->servesSomethingElse();
            if ($serves && ! $signup->delivered) {
                ($this->keep)($signup, doubtful: true);
            }
            if ($serves && $signup->agreed() === []) {
                ($this->assessed)($signup->editionId(), $assessment);

                return;
            }
            $assessed = ($this->assessed)($signup->editionId(), $assessment);
            DB::afterCommit(fn () => $this->flow->held($signup->edition, $signup->language));
            // Refused are consents alone: whatever else somebody wants is held at worst (GDPR Art. 22).
            if ($assessment->band === Band::Refuse && ! $serves) {
                return;
            }
            HeldSubmission::query()->create([
                'assessed_id' => $assessed->id,
                'point_edition_id' => $signup->editionId(),
                'language' => $signup->language->value,
                'how' => $signup->how->value,
                'content' => $signup->held($serves),
                'signals' => $assessment->stored(),
                'nonce' => $signup->nonce,
                'received_at' => $signup->occurred,
                'deleted_at' => $this->clock->instant()->plusDays($this->days($signup->edition)),
            ]);
        }, 3);
    }

    /**
     * Lets a held submission that was accepted go the way of every other. It occurred when it was sent; it is recorded now. What the person ended
     * after they had sent it stays ended: consent to that is not entered, and nobody is asked for it by mail.
     *
     * @return Released what became of it
     */
    public function release(HeldSubmission $held, User $by): Released
    {
        return DB::transaction(function () use ($held, $by): Released {
            $row = HeldSubmission::query()->with('edition.point')->whereKey($held->id)->lockForUpdate()->first();
            if ($row === null || $row->decided !== HeldDecision::Accept) {
                return Released::Gone;
            }
            $content = $row->content;
            $edition = $this->published->edition($row->edition->digest);
            $email = EmailAddress::parse($content->email);
            $said = array_values(array_filter($content->said($edition), static fn (Said $s): bool => $s->isYes()));
            $agreed = $this->withoutEnded($edition, $email, $said, $row->received_at);
            $serves = $edition->sheet->draft->kind->servesSomethingElse();
            if ($agreed !== [] || ($serves && ! $content->delivered)) {
                ($this->accept)(
                    new Signup(
                        $edition, $row->language, $email, $content->values, $agreed, $row->how, $content->placement, $row->received_at, null,
                        $content->network, delivered: $content->delivered, notShown: $content->notShown, version: $content->version,
                    )
                );
            }
            $row->delete();
            $this->assessed->decide($row->assessed_id, AssessedSubmission::HAM);
            $became = match (true) {
                count($agreed) === count($said) => Released::Whole,
                $agreed !== [] => Released::InPart,
                default => $serves ? Released::WithoutConsent : Released::Nothing,
            };
            $this->log->write($by, ActKind::Released, $row->edition->point->slug, $became->says());

            return $became;
        }, 3);
    }

    /** A sign-up that nobody decided about lapses as if it had waited for its mail: after that it is accepted no longer. */
    private function days(PointEdition $edition): int
    {
        return min($this->inForce->registers()->house->daysKept(Retention::Held), $edition->sheet->rules->lapseDays);
    }

    /**
     * Statements without those whose consent the person ended after this was sent; without any, where they are not known any more
     * and were to be left alone since.
     *
     * @param  list<Said>  $said
     * @return list<Said>
     */
    private function withoutEnded(PointEdition $edition, EmailAddress $email, array $said, Instant $sent): array
    {
        $controller = $edition->controller->id->text;
        $subscriber = $this->subscribers->find($controller, $email);
        if ($subscriber === null) {
            return $this->subscribers->leftAloneSince($controller, $email)?->isAfter($sent) === true ? [] : $said;
        }
        $this->append->hold($subscriber->subject);
        $ended = [];
        foreach ($this->ledger->chain($subscriber->subject) as $entry) {
            if ($entry->act->kind() === EntryKind::Withdrawn && $entry->act->occurred->isAfter($sent)) {
                $ended += array_fill_keys(array_map(static fn (Target $t): string => $t->key(), $entry->act->targets()), true);
            }
        }
        $isEnded = static fn (Said $s): bool => array_filter(
            $s->channels, static fn (Channel $c): bool => isset($ended[(new Target($s->statement->purpose->text, $c))->key()])
        ) !== [];

        return array_values(array_filter($said, static fn (Said $s): bool => ! $isEnded($s)));
    }
}
