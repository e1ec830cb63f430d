<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Ledger\Append;
use App\Actions\Ledger\LedgerTables;
use App\Actions\Registers\InForce;
use App\Models\HeldSubmission;
use App\Models\PointEdition as EditionRow;
use App\Support\PublishedForms;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Instant;
use Juramen\Consent\EntryKind;
use Juramen\Consent\Target;
use Juramen\Points\PointEdition;
use Juramen\Register\Channel;
use Juramen\Register\EmailAddress;
use Juramen\Screening\Signal;
use Juramen\Wording\Statement;

/** Keeps what screening does not let pass, encrypted and for a set time, until a person releases or deletes it. */
final class HoldSubmission
{
    public function __construct(
        private readonly SpendMark $spend,
        private readonly AcceptSignup $accept,
        private readonly KnowSubscriber $subscribers,
        private readonly Append $append,
        private readonly LedgerTables $ledger,
        private readonly PublishedForms $published,
        private readonly InForce $inForce,
        private readonly SystemClock $clock,
    ) {}

    /**
     * @param  list<Signal>  $signals
     *
     * @throws MarkAlreadySpent
     */
    public function __invoke(Signup $signup, array $signals): void
    {
        DB::transaction(function () use ($signup, $signals): void {
            if (! ($this->spend)($signup)) {
                return;
            }
            HeldSubmission::query()->create([
                'point_edition_id' => EditionRow::query()->where('digest', $signup->edition->digest()->bytes)->valueOrFail('id'),
                'language' => $signup->language->value,
                'how' => $signup->how->value,
                'content' => ['email' => $signup->email->text, 'values' => $signup->values, 'statements' => $signup->statements, 'placement' => $signup->placement, 'network' => $signup->network],
                'signals' => implode(' ', array_map(static fn (Signal $s): string => $s->value, $signals)),
                'received_at' => $signup->occurred,
                'deleted_at' => $this->clock->instant()->plusDays($this->inForce->registers()->house->retentionDays['held']),
            ]);
        }, 3);
    }

    /**
     * Lets a held submission go the way of every other. It occurred when it was sent; it is recorded now. What the person ended
     * after they had sent it stays ended: consent to that is not entered, and nobody is asked for it by mail.
     *
     * @return Released what became of it
     */
    public function release(HeldSubmission $held): Released
    {
        return DB::transaction(function () use ($held): Released {
            $row = HeldSubmission::query()->with('edition')->whereKey($held->id)->lockForUpdate()->first();
            if ($row === null) {
                return Released::Gone;
            }
            $content = $row->content;
            $edition = $this->published->edition($row->edition->digest);
            $email = EmailAddress::parse($content['email']);
            $agreed = array_values(array_diff($content['statements'], $this->endedLater($edition, $email, $content['statements'], $row->received_at)));
            $serves = $edition->sheet->kind->servesSomethingElse();
            if ($agreed !== [] || $serves) {
                ($this->accept)(new Signup($edition, $row->language, $email, $content['values'], $agreed, $row->how, $content['placement'], $row->received_at, null, $content['network']));
            }
            $row->delete();

            return match (true) {
                $agreed === $content['statements'] => Released::Whole,
                $agreed !== [] => Released::InPart,
                default => $serves ? Released::WithoutConsent : Released::Nothing,
            };
        }, 3);
    }

    /**
     * Statements whose consent the person ended after this was sent, or, where they are not known any more, everything that was
     * ended by whoever is to be left alone.
     *
     * @param  list<string>  $statements
     * @return list<string>
     */
    private function endedLater(PointEdition $edition, EmailAddress $email, array $statements, Instant $sent): array
    {
        $subscriber = $this->subscribers->find($edition->controller->id, $email);
        if ($subscriber === null) {
            return $this->subscribers->leftAloneSince($edition->controller->id, $email)?->isAfter($sent) === true ? $statements : [];
        }
        $this->append->lock($subscriber->subject);
        $ended = [];
        foreach ($this->ledger->chain($subscriber->subject) as $entry) {
            if ($entry->act->kind === EntryKind::Withdrawn && $entry->act->occurred->isAfter($sent)) {
                $ended += array_fill_keys(array_map(static fn (Target $t): string => $t->key(), $entry->act->targets), true);
            }
        }

        return array_values(array_map(static fn (Statement $s): string => $s->id, array_filter($edition->sheet->statements, static fn (Statement $s): bool => in_array($s->id, $statements, true)
            && array_filter($s->channels, static fn (Channel $c): bool => isset($ended[(new Target($s->purpose, $c))->key()])) !== [])));
    }
}
