<?php

declare(strict_types=1);

namespace App\Actions\Registers;

use App\Actions\ActLog;
use App\Actions\ActRefusal;
use App\Actions\Ledger\Append;
use App\Actions\Ledger\HeldChain;
use App\Actions\Points\ChosenPoint;
use App\Actions\Points\PublishPoint;
use App\Models\ActKind;
use App\Models\ApprovedEdition;
use App\Models\Decided;
use App\Models\Record;
use App\Models\Revision;
use App\Models\Role;
use App\Models\User;
use App\Queries\Registers\RegistersInForce;
use App\Queries\Registers\Writers;
use App\Support\SystemClock;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Juramen\Audit\Judgement;
use Juramen\Canon\Day;
use Juramen\Canon\Id;
use Juramen\Canon\Refused;
use Juramen\Consent\Act;
use Juramen\Consent\Acts\Approved;
use Juramen\Consent\Acts\Retired;
use Juramen\Points\Records;
use Juramen\Register\Language;
use Juramen\Register\RecordEdition;
use Juramen\Register\RecordKind;
use Juramen\Register\RecordName;
use Juramen\Wording\MailWording;
use Juramen\Wording\Statement;
use Juramen\Wording\Unfilled;

/**
 * Makes an edition of what was drafted, entered in the ledger, and publishes the points that were chosen with it: one
 * act that is done whole or not at all.
 */
final class Approve
{
    /** Characters of a comment that explains why words with a breach are approved all the same. */
    private const EXPLAINS = 15;

    public function __construct(
        private readonly RegistersInForce $inForce,
        private readonly Append $append,
        private readonly Propose $propose,
        private readonly PublishPoint $publish,
        private readonly Writers $writers,
        private readonly AdmitWays $ways,
        private readonly ActLog $log,
        private readonly SystemClock $clock,
    ) {}

    /**
     * @param  int  $looked  number of the revision that the officer has looked at; another one is not approved
     * @param  list<ChosenPoint>  $points  to be published again with it
     * @param  string|null  $effective  the day from which it holds, like 2026-12-01; today where none is given
     * @param  list<Language>  $fit  that were not changed and still say the same as those that were
     *
     * @throws Refused also where one of the points cannot be published as it was looked at; nothing is approved then
     */
    public function __invoke(
        RecordName $name, User $officer, int $looked, string $comment, array $points = [], ?string $effective = null, array $fit = []
    ): ApprovedEdition {
        $do = function () use ($name, $officer, $looked, $comment, $points, $effective, $fit): ApprovedEdition {
            $revisions = Record::heldWithRevisions($name);
            $revision = $revisions->last() ?? throw Refused::because(ActRefusal::NothingWritten);
            $record = $revision->record;
            $last = $revisions->whereNotNull('approved_as')->sortBy('approved_as')->last();
            $this->admit($record, $revisions, $revision, $last, $officer, $looked, trim($comment));
            $from = $this->day($effective);
            $subjects = $this->subjectsOf($points, $from);
            [$chain, $others] = $this->hold($record, $subjects);
            $edition = $this->make($record, $revision, ($last->approved_as ?? 0) + 1, $officer, trim($comment), $from, $chain, $fit);
            $this->propose->decide($record, Decided::Approved, $officer, $comment);
            if ($points !== []) {
                $this->publish->again($points, $others, $officer);
            }

            return $edition;
        };

        return DB::transaction(fn (): ApprovedEdition => $this->log->together($do), 3);
    }

    /**
     * @param  list<ChosenPoint>  $chosen
     * @return list<Id>
     */
    private function subjectsOf(array $chosen, Day $effective): array
    {
        if ($chosen === []) {
            return [];
        }
        if ($effective->isAfter($this->clock->today())) {
            throw Refused::because(ActRefusal::PointsOnLaterDay, day: $effective->text);
        }
        $slugs = array_map(static fn (ChosenPoint $c): string => $c->slug, $chosen);
        $found = [];
        foreach ($this->inForce->sheets() as $sheet) {
            if ($sheet->subject !== null && in_array($sheet->slug, $slugs, true)) {
                $found[] = $sheet->subject;
            }
        }

        return count($found) === count($chosen) ? $found : throw Refused::because(ActRefusal::PointIsGone);
    }

    /**
     * The chain of the record, made at its first approval, and those of the points, all held at once.
     *
     * @param  list<Id>  $others
     * @return array{HeldChain, list<HeldChain>}
     */
    private function hold(Record $record, array $others): array
    {
        if ($record->subject === null) {
            $chain = $this->append->begin('record');
            $record->update(['subject' => $chain->subject]);

            return [$chain, $others === [] ? [] : $this->append->holdAll($others)];
        }
        $chains = $this->append->holdAll([$record->subject, ...$others]);

        return [$chains[0], array_slice($chains, 1)];
    }

    /**
     * Takes it out of use; points that use it say so, and its editions stay.
     *
     * @throws Refused
     */
    public function retire(Record $record, User $officer, string $reason): void
    {
        if (mb_strlen(trim($reason)) < self::EXPLAINS) {
            throw Refused::because(ActRefusal::RetireReason);
        }
        if (! $record->kind->canBeRetired()) {
            throw Refused::because(ActRefusal::CannotBeRetired, noun: $record->kind->noun());
        }
        DB::transaction(function () use ($record, $officer, $reason): void {
            $record = Record::query()->whereKey($record->id)->lockForUpdate()->firstOrFail();
            $this->admitRetirement($record);
            [$chain] = $this->hold($record, []);
            $now = $this->clock->instant();
            $record->update(['retired_at' => $now, 'retired_by' => $officer->id, 'retired_why' => mb_substr(trim($reason), 0, 500)]);
            $this->log->write($officer, ActKind::Retired, $record->name()->text());
            ($this->append)($chain, new Retired($now, $record->name()->text(), trim($reason), $officer->named()));
            $this->inForce->forget();
        }, 3);
    }

    private function admitRetirement(Record $record): void
    {
        $name = $record->name()->slug;
        $sheets = $record->kind === RecordKind::Statement ? $this->inForce->sheetsWith($name) : [];
        if ($sheets !== []) {
            throw Refused::because(
                ActRefusal::StandsOnSheets, name: $record->called(), sheets: implode(', ', array_map(static fn ($s): string => $s->draft->name, $sheets))
            );
        }
        $asking = $record->kind === RecordKind::Purpose ? $this->inForce->namesOf(
            $this->inForce->registers()->statements->filter(static fn (Statement $s): bool => $s->purpose->equals($name))
        ) : [];
        if ($asking !== []) {
            throw Refused::because(ActRefusal::StatementsAskForIt, statements: implode(', ', $asking));
        }
        $this->ways->admitRetirement($record);
    }

    /**
     * @param  Collection<int, Revision>  $revisions  all of the record
     * @param  Revision|null  $last  of which the newest edition was made
     */
    private function admit(Record $record, Collection $revisions, Revision $revision, ?Revision $last, User $officer, int $looked, string $comment): void
    {
        if ($record->kind === RecordKind::Sheet) {
            throw Refused::because(ActRefusal::SheetNotApproved);
        }
        if ($officer->role !== Role::Officer) {
            throw Refused::because(ActRefusal::OfficersApprove);
        }
        if ($looked !== $revision->number) {
            throw Refused::because(ActRefusal::ChangedSinceLooked);
        }
        if ($last !== null && $last->document->equals($revision->document)) {
            throw Refused::because(ActRefusal::NothingToApprove, number: (int) $last->approved_as);
        }
        if ($this->inForce->registers()->house->fourEyes && in_array($officer->id, Record::writersAmong($revisions, $last->number ?? 0), true)) {
            throw Refused::because(ActRefusal::OwnDraft, others: implode(' or ', $this->writers->otherOfficers($officer)) ?: 'somebody else');
        }
        Records::check($record->kind, $revision->document, whole: true);
        $this->keepSheets($record, $revision);
        $this->ways->admit(Records::read($record->kind, $revision->document));
        $advertises = $record->kind === RecordKind::Mail ? MailWording::from($revision->document)->advertises() : [];
        if ($advertises !== [] && mb_strlen($comment) < self::EXPLAINS) {
            throw Refused::because(ActRefusal::MailAdvertises, what: $advertises[0]);
        }
        if ($record->kind === RecordKind::Statement) {
            $this->admitStatement(Statement::from($revision->document), $comment);
        }
    }

    /** No sheet may become what no form can be made of. */
    private function keepSheets(Record $record, Revision $revision): void
    {
        $would = $this->inForce->registers()->with(Records::read($record->kind, $revision->document));
        foreach ($this->inForce->sheets() as $sheet) {
            try {
                $would->complete($sheet->draft);
            } catch (Refused $e) {
                throw Refused::because(ActRefusal::SheetWouldBreak, sheet: $sheet->slug, why: $e->getMessage());
            }
        }
    }

    private function admitStatement(Statement $statement, string $comment): void
    {
        $registers = $this->inForce->registers();
        if ($statement->texts->languages() === []) {
            throw Refused::because(ActRefusal::NoWords);
        }
        $unfilled = $registers->unfilled($statement);
        if ($unfilled !== []) {
            throw Refused::because(ActRefusal::CannotBeFilled, what: implode(' ', Unfilled::said($unfilled)));
        }
        $n = count(Judgement::ofStatement($statement, $registers)->breaches());
        if ($n > 0 && mb_strlen($comment) < self::EXPLAINS) {
            throw Refused::because(ActRefusal::BreachUnexplained, count: $n === 1 ? 'a breach' : "$n breaches");
        }
    }

    /** @param  list<Language>  $fit */
    private function make(
        Record $record, Revision $revision, int $number, User $officer, string $comment, Day $effective, HeldChain $chain, array $fit
    ): ApprovedEdition {
        $made = RecordEdition::make($record->name(), $number, $revision->document);
        $now = $this->clock->instant();
        $edition = $record->editions()->create([
            'number' => $made->number, 'digest' => $made->digest, 'bytes' => $made->bytes, 'revision' => $revision->number,
            'approved_by' => $officer->id, 'approved_at' => $now, 'comment' => mb_substr($comment, 0, 1000), 'effective' => $effective->text,
            'fit' => $fit === [] ? null : array_map(static fn (Language $l): string => $l->value, $fit),
        ]);
        $this->log->write($officer, ActKind::Approved, $record->name()->text(), "edition $made->number");
        ($this->append)($chain, new Approved($now, $record->name()->text(), $made->digest, $effective->text, $comment, $officer->named()));
        $this->inForce->approved(Records::read($record->kind, $revision->document, $made->digest), $effective);

        return $edition;
    }

    private function day(?string $given): Day
    {
        $today = $this->clock->today();
        if ($given === null || $given === '') {
            return $today;
        }
        $day = Day::tryParse($given);

        return $day === null || $today->isAfter($day) ? throw Refused::because(ActRefusal::DayIsPast, day: $given) : $day;
    }
}
