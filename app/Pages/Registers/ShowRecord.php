<?php

declare(strict_types=1);

namespace App\Pages\Registers;

use App\Actions\Mailing\MailSample;
use App\Actions\Registers\AdmitWays;
use App\Actions\Senders\ProveSender;
use App\Models\ApprovedEdition;
use App\Models\Decided;
use App\Models\Proposal;
use App\Models\Record;
use App\Models\RecordState;
use App\Models\Revision;
use App\Models\Subscriber;
use App\Models\User;
use App\Pages\Controls\ConflictView;
use App\Pages\Notes\Answers;
use App\Pages\Notes\Margin;
use App\Pages\Registers\Forms\ControllerForm;
use App\Pages\Registers\Forms\DestinationForm;
use App\Pages\Registers\Forms\ListForm;
use App\Pages\Registers\Forms\MailForm;
use App\Pages\Registers\Forms\MailView;
use App\Pages\Registers\Forms\ProcessorForm;
use App\Pages\Registers\Forms\PurposeForm;
use App\Pages\Registers\Forms\RulesForm;
use App\Pages\Registers\Forms\StatementForm;
use App\Queries\Points\Judgements;
use App\Queries\Registers\MailsOfHouse;
use App\Queries\Registers\RegistersInForce;
use App\Queries\Registers\SheetOnFile;
use App\Queries\Wording\EditionUse;
use App\Queries\Wording\StatementUse;
use App\Queries\Wording\StoodAt;
use App\Support\Moments;
use App\Support\SystemClock;
use Illuminate\Support\Collection;
use Juramen\Canon\ById;
use Juramen\Canon\Conflict;
use Juramen\Canon\Document;
use Juramen\Points\Records;
use Juramen\Points\Registers;
use Juramen\Register\ContactList;
use Juramen\Register\Controller;
use Juramen\Register\Destination;
use Juramen\Register\HouseRules;
use Juramen\Register\Language;
use Juramen\Register\Processor;
use Juramen\Register\Purpose;
use Juramen\Register\RecordKind;
use Juramen\Register\Registered;
use Juramen\Wording\MailWording;
use Juramen\Wording\Statement;
use Juramen\Wording\Unfilled;

/** Brings together what the screen of a statement or a register's entry shows. */
final class ShowRecord
{
    public function __construct(
        private readonly RegistersInForce $inForce,
        private readonly Judgements $judgements,
        private readonly StatementUse $use,
        private readonly RelatedRecords $related,
        private readonly MailsOfHouse $mails,
        private readonly MailSample $sample,
        private readonly AdmitWays $ways,
        private readonly ProveSender $prove,
        private readonly SystemClock $clock,
    ) {}

    /** What follows from a document alone, which may be just being typed. */
    public function judged(Record $record, Document $document, User $user, ?MailView $view = null): JudgedRecord
    {
        $registers = $this->inForce->registers();
        $entry = Records::read($record->kind, $document);
        $judgement = $entry instanceof Statement ? $this->judgements->ofStatement($entry, $registers) : null;
        $margin = $entry instanceof Statement && $judgement !== null
            ? new Margin($judgement, count($entry->texts->languages()), self::mayWrite($record, $user), ById::none(), Answers::to($record, $document)) : null;

        return new JudgedRecord(
            $record, $entry, $this->form($entry, $document, $registers, $margin, $view ?? new MailView), $judgement, $margin,
            $entry instanceof Statement ? Unfilled::said($registers->unfilled($entry)) : [],
            $entry instanceof Processor ? $entry->lacks($this->clock->today()) : [], $this->ways->faults($entry),
            $entry instanceof MailWording ? $entry->advertises() : $this->ways->warnings($entry),
        );
    }

    /** @param  list<Conflict>  $conflicts */
    public function of(
        Record $record, Revision $revision, User $user, array $conflicts = [], string $news = '', ?MailView $view = null
    ): RecordPage {
        $registers = $this->inForce->registers();
        $judged = $this->judged($record, $revision->document, $user, $view);
        $entry = $judged->entry;
        $editions = $record->editions()->with('approver')->orderByDesc('number')->get();
        $uses = $entry instanceof Statement ? $this->use->of($editions) : new Collection;
        $edition = $editions->first();
        $proposals = $record->proposals()->with('submitter', 'decider')->orderByDesc('id')->limit(5)->get();
        $open = $proposals->first(static fn (Proposal $p): bool => $p->decision === null);
        $state = $record->state($edition, $revision, $this->holds($record, $edition, $uses), $open);
        $last = $proposals->first();
        $returned = $last?->decision === Decided::Returned && $state === RecordState::Draft ? $last : null;
        $history = $record->history();

        return new RecordPage(
            $record, $revision, $revision->document, $record->titled($entry),
            self::mayWrite($record, $user), $user->can('approve', Record::class), $judged,
            $entry instanceof Statement ? $this->sheets($entry) : null,
            $this->related->to($entry, $registers, $user->can('viewAny', Subscriber::class)),
            array_values($editions->map(fn (ApprovedEdition $e): EditionView => $this->view($e, $uses->get($e->id), $user))->all()),
            $edition, $state, $this->standing($record, $state, $edition, $revision, $open), $open, $returned?->reply,
            $returned === null ? null : $returned->decider?->name.', '.Moments::day($returned->decided_at ?? $returned->submitted_at),
            $history->undo() !== null, $history->redo() !== null, ConflictView::all($record->kind, $conflicts), $news,
            $entry instanceof Statement && $user->can('write', [Record::class, $record->kind]),
        );
    }

    private static function mayWrite(Record $record, User $user): bool
    {
        return $user->can('write', [Record::class, $record->kind]) && $record->retired_at === null;
    }

    /** The controls of a record, by its kind. */
    private function form(Registered $entry, Document $document, Registers $registers, ?Margin $margin, MailView $view): object
    {
        return match (true) {
            $entry instanceof Statement => StatementForm::of($entry, $document, $registers, $margin),
            $entry instanceof Controller => ControllerForm::of($entry, ($this->prove)($entry)),
            $entry instanceof Purpose => PurposeForm::of($entry, $registers),
            $entry instanceof Processor => ProcessorForm::of($entry, $registers),
            $entry instanceof MailWording => MailForm::of(
                $entry, $registers, $this->mails->languages($entry->controller), $view,
                fn (Language $l): string => $this->sample->of($entry, $l)?->words->word('subject') ?? ''
            ),
            $entry instanceof ContactList => ListForm::of($entry, $registers, $this->inForce->sheets()),
            $entry instanceof Destination => DestinationForm::of($entry, $registers, $this->ways->handover($entry)),
            $entry instanceof HouseRules => RulesForm::of($entry, $this->inForce->sheets()),
            default => throw new \LogicException('There is no form for such an entry.'),
        };
    }

    /** @return list<SheetUse> */
    private function sheets(Statement $statement): array
    {
        return array_map(static function (SheetOnFile $sheet) use ($statement): SheetUse {
            $lacks = array_filter($sheet->draft->languages, static fn (Language $l): bool => ! $statement->texts->has($l));

            return new SheetUse(
                $sheet->draft->name, route('points.sheet', $sheet->slug), implode(', ', array_map(static fn (Language $l): string => $l->endonym(), $lacks))
            );
        }, $this->use->sheets($statement->id->text));
    }

    /**
     * Whether an edition holds already: its day has come, and of a statement, a published point shows it.
     *
     * @param  Collection<int, EditionUse>  $uses
     */
    private function holds(Record $record, ?ApprovedEdition $edition, Collection $uses): bool
    {
        return $edition !== null
            && ($record->kind === RecordKind::Statement ? ($uses->get($edition->id)->shownAt ?? []) !== [] : $edition->holds($this->clock->today()));
    }

    private function view(ApprovedEdition $edition, ?EditionUse $use, User $user): EditionView
    {
        return new EditionView(
            $edition->number, $edition->effective > Moments::isoDay($edition->approved_at) ? Moments::plain($edition->effective) : null,
            Moments::exact($edition->approved_at).' by '.$edition->approver->name, $edition->comment, $edition->digest->hex(),
            $use === null ? null : $use->people->text().($use->people->counted === 1 ? ' person' : ' people'),
            $use !== null && $user->can('viewAny', Subscriber::class)
                ? route('evidence.signups', ['state' => 'confirmed', 'words' => $edition->digest->hex()]) : null,
            implode('; ', array_map(
                fn (StoodAt $at): string => $this->inForce->nameOf($at->point).", edition $at->edition", $use->stood ?? []
            )) ?: 'stood on no point',
        );
    }

    private function standing(Record $record, RecordState $state, ?ApprovedEdition $edition, Revision $revision, ?Proposal $open): string
    {
        $saved = 'saved '.$revision->saved_at->utc->setTimezone(Moments::zone())->format('H:i');

        return match ($state) {
            RecordState::Retired => 'retired '.($record->retired_at === null ? '' : Moments::date($record->retired_at)).": {$record->retired_why}",
            RecordState::InForce => "edition {$edition?->number} in force",
            RecordState::Approved => "edition {$edition?->number} approved, "
                .($edition?->holds($this->clock->today()) === false ? 'holds from '.Moments::plain($edition->effective) : 'shown at no point yet'),
            RecordState::Submitted => "submitted by {$open?->submitter->name} · $saved",
            RecordState::Draft => 'draft'.($edition === null ? '' : " after edition {$edition->number}")." · $saved",
        };
    }
}
