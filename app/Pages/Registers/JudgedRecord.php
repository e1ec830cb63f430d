<?php

declare(strict_types=1);

namespace App\Pages\Registers;

use App\Models\Record;
use App\Pages\Notes\Margin;
use App\Pages\Notes\ToWrite;
use App\Pages\Registers\Forms\MailForm;
use App\Pages\Registers\Forms\MailProof;
use App\Pages\Registers\Forms\StatementForm;
use App\Pages\Registers\Forms\StatementText;
use Juramen\Audit\Judgement;
use Juramen\Register\ContactList;
use Juramen\Register\Destination;
use Juramen\Register\Language;
use Juramen\Register\RecordKind;
use Juramen\Register\Registered;

/** A record as it is written or just being typed, with its controls and all that is found in it. */
final readonly class JudgedRecord
{
    /**
     * @param  object  $form  its controls, by the kind of record
     * @param  Margin|null  $margin  null for what is not judged
     * @param  list<string>  $unfilled  placeholders that cannot be filled, each in a sentence
     * @param  list<string>  $lacks  what the record of a processor lacks
     * @param  list<string>  $stops  why a list is not approved, or nobody may be handed over to a destination
     * @param  list<string>  $cautions  what may not be meant there, or gets lost
     */
    public function __construct(
        public Record $record,
        public Registered $entry,
        public object $form,
        public ?Judgement $judgement,
        public ?Margin $margin,
        public array $unfilled,
        public array $lacks,
        public array $stops,
        public array $cautions,
    ) {}

    /** @return list<ToWrite> languages that were begun, and in which nothing is written yet */
    public function toWrite(): array
    {
        $empty = $this->form instanceof StatementForm
            ? array_filter($this->form->texts, static fn (StatementText $t): bool => trim($t->words->value) === '') : [];

        return ToWrite::words(array_values(array_map(static fn (StatementText $t): Language => Language::from($t->language), $empty)));
    }

    /** The proof that stands beside it; null for what nobody gets as it is. */
    public function proof(): ?MailProof
    {
        return $this->form instanceof MailForm ? $this->form->proof : null;
    }

    /** Where a note's mend is sent. */
    public function mends(): string
    {
        return route('records.mend', [$this->record->kind->value, $this->record->slug]);
    }

    /** Where what is said to a note is sent. */
    public function says(): string
    {
        return route('records.say', [$this->record->kind->value, $this->record->slug]);
    }

    /** Whether people come onto it, or are handed over to it. */
    public function isWay(): bool
    {
        return $this->entry instanceof ContactList || $this->entry instanceof Destination;
    }

    /** What is said where nothing stands in the way. */
    public function soundWay(): string
    {
        return $this->entry instanceof Destination ? 'People may be handed over as it is written' : 'Purpose, channel and confirmation fit';
    }

    /** What follows where something does. */
    public function stopped(): string
    {
        return $this->entry instanceof Destination ? 'Nobody may be handed over' : 'Cannot be approved';
    }

    /** Whether something must be on record of it before it may get details. */
    public function isProcessor(): bool
    {
        return $this->record->kind === RecordKind::Processor;
    }
}
