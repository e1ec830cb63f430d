<?php

declare(strict_types=1);

namespace App\Actions\Registers;

use Juramen\Canon\Document;
use Juramen\Canon\DraftRefusal;
use Juramen\Canon\Place;
use Juramen\Canon\Refused;
use Juramen\Canon\Slug;
use Juramen\Points\Field;
use Juramen\Points\FieldKind;
use Juramen\Points\FieldKinds;
use Juramen\Points\Records;
use Juramen\Points\SheetDraft;
use Juramen\Register\Language;
use Juramen\Register\RecordKind;
use Juramen\Register\Rule;
use Juramen\Register\Schema\DepartureValue;
use Juramen\Register\Schema\Item;
use Juramen\Register\Schema\Items;
use Juramen\Register\Schema\Written;
use Juramen\Register\Schema\YesNo;
use Juramen\Register\Texts;

/** One edit of a record's document, as somebody at a screen makes it; what the schema does not allow is refused. */
final readonly class Edit
{
    /** @param  mixed  $value  as a browser sent it */
    public function __construct(public RecordKind $record, public EditKind $kind, public Place $place, public mixed $value = null) {}

    /** @throws Refused */
    public function apply(Document $document, Written $written): Document
    {
        $schema = Records::schema($this->record);

        return match ($this->kind) {
            EditKind::Begin => $schema->put($document, $this->place, '', $written),
            EditKind::Set => $this->governed($this->answerable($schema->put($document, $this->place, $this->value, $written))),
            EditKind::Copy => $schema->at($this->place)->type instanceof Item && $this->isField() ? $this->copied($document)
                : throw Refused::because(DraftRefusal::UnknownPlace),
            EditKind::Remove => $schema->take($document, $this->place),
            EditKind::Up, EditKind::Down, EditKind::To => $schema->at($this->place)->type instanceof Item && count($this->place->steps) > 1
                ? $document->moved($this->place, $this->by($document)) : throw Refused::because(DraftRefusal::UnknownPlace),
            EditKind::Add => $schema->at($this->place)->type instanceof Items ? $this->added($document, is_string($this->value) ? $this->value : '')
                : throw Refused::because(DraftRefusal::UnknownPlace),
        };
    }

    /** Whether a page that shows the document is drawn anew after it. */
    public function redraws(): bool
    {
        return $this->kind !== EditKind::Set || Records::schema($this->record)->at($this->place)->redraws;
    }

    /** As the history says it. */
    public function said(): string
    {
        $member = Records::schema($this->record)->at($this->place);
        $named = $member->named($this->place);
        $value = is_string($this->value) ? str_replace('-', ' ', $this->value) : '';

        return match ($this->kind) {
            EditKind::Set => match (true) {
                $member->type instanceof DepartureValue => 'departed from “'.lcfirst(Rule::from($this->place->last())->title()).'”',
                $this->place->first() === 'fields' && $this->place->last() === 'kind' => "made {$this->fieldName()} a field of another kind: $value",
                $this->place->first() === 'fields' && $member->type instanceof YesNo => 'made '.str_replace('-', ' ', $this->place->steps[1]).' '
                    .($this->value === '1' ? 'required' : 'optional'),
                default => "changed $named",
            },
            EditKind::Begin => "began $named",
            EditKind::Add => match (true) {
                $this->place->text() === 'statements' => "asked also for $value",
                $this->place->text() === 'lists' => "let $value go there too",
                $this->place->last() === 'options' => "added an answer to {$this->fieldName()}",
                $this->place->text() === 'pages' => 'added a page',
                $this->place->text() === 'recipients' => 'added a recipient',
                default => "added the field $value",
            },
            EditKind::Copy => "asked for {$this->fieldName()} once more",
            EditKind::Remove => $member->type instanceof DepartureValue
                ? 'followed the house again in “'.lcfirst(Rule::from($this->place->last())->title()).'”' : "removed $named",
            EditKind::Up => "moved $named up",
            EditKind::Down => "moved $named down",
            EditKind::To => "moved $named",
        };
    }

    private function added(Document $document, string $what): Document
    {
        if ($what === '') {
            return $document;
        }
        if (in_array($this->place->last(), ['options', 'pages'], true)) {
            return $this->withAnother($document, $this->place);
        }
        if ($this->place->text() === 'recipients') {
            return $this->withRecipient($document);
        }
        $id = Slug::parse($what);
        if (in_array($this->place->text(), ['statements', 'lists'], true)) {
            return $document->at($this->place->in($id)) === null ? $this->withNamed($document, $id)
                : throw Refused::because(DraftRefusal::FieldTwice, what: $id);
        }
        $kind = in_array($what, FieldKinds::ids(), true) ? FieldKinds::get($what)
            : throw Refused::because(DraftRefusal::NotOneOf, what: 'the kind of field', names: implode(', ', FieldKinds::ids()));
        $field = Field::new(SheetDraft::from($document)->freeId($kind), $kind, self::labels($kind));

        return (new self($this->record, EditKind::Set, $this->place->in($field->id)->in('kind')))->answerable(
            $document->with($this->place->in($field->id), $field->document()->toArray())
        );
    }

    /** A field to whose kind answers belong begins with two, still to be written; one of another kind keeps those that were. */
    private function answerable(Document $document): Document
    {
        if ($this->place->first() !== 'fields' || $this->place->last() !== 'kind' || count($this->place->steps) !== 3) {
            return $document;
        }
        $options = Place::of('fields', $this->place->steps[1], 'options');
        $answers = $document->items($options);
        if (FieldKinds::get($document->text($this->place))->offersOptions()) {
            return $answers === [] ? $this->withAnother($document, $options) : $document;
        }
        $written = array_filter($answers, static fn (Document $answer): bool => trim(implode('', $answer->names('label'))) !== '');

        return $answers === [] ? $document : $document->with(
            $options, $written === [] ? null : array_map(static fn (Document $answer): array => $answer->toArray(), array_values($written))
        );
    }

    /** Whoever hangs it on another field chooses among that field's answers; whoever hangs it on none wants it always shown. */
    private function governed(Document $document): Document
    {
        $when = $this->place->last() === 'field' ? $this->place->up() : null;
        if ($when?->last() !== 'when') {
            return $document;
        }

        return $document->text($this->place) === '' ? $document->without($when) : $document->with($when->in('answers'), []);
    }

    /** How many items down, or up, it is to go. */
    private function by(Document $document): int
    {
        if ($this->kind !== EditKind::To) {
            return $this->kind === EditKind::Up ? -1 : 1;
        }
        $to = is_string($this->value) && preg_match('/^[1-9]\d?$/D', $this->value) === 1 ? (int) $this->value : 0;
        $ids = array_map(static fn (Document $i): string => $i->text('id'), $document->items($this->place->up() ?? $this->place));
        $from = array_search($this->place->last(), $ids, true);

        return $from === false || $to < 1 || $to > count($ids) ? throw Refused::because(DraftRefusal::UnknownPlace) : $to - 1 - $from;
    }

    /** Another item that is named by what it stands for. */
    private function withNamed(Document $document, Slug $id): Document
    {
        $item = $this->place->text() === 'lists' ? ['id' => $id->text, 'group' => '', 'mark' => '', 'starts' => ''] : ['id' => $id->text];

        return $document->items($this->place) === [] ? $document->with($this->place, [$item]) : $document->with($this->place->in($id), $item);
    }

    /** Another recipient, whose address is still to be written. */
    private function withRecipient(Document $document): Document
    {
        for ($n = 1; $document->at(Place::of('recipients', "recipient-$n")) !== null; $n++);
        $recipient = ['id' => "recipient-$n", 'address' => '', 'whole' => true];

        return $document->items('recipients') === [] ? $document->with(Place::of('recipients'), [$recipient])
            : $document->with(Place::of('recipients', "recipient-$n"), $recipient);
    }

    /** Another answer or page, still to be written; of the first there are two at once, since one alone leaves nothing to choose and breaks nothing. */
    private function withAnother(Document $document, Place $list): Document
    {
        $stem = $list->last() === 'pages' ? 'page' : 'answer';
        if ($document->items($list) === []) {
            return $document->with($list, [['id' => "$stem-1"], ['id' => "$stem-2"]]);
        }
        for ($n = 1; $document->at($list->in("$stem-$n")) !== null; $n++);

        return $document->with($list->in("$stem-$n"), ['id' => "$stem-$n"]);
    }

    private function isField(): bool
    {
        return $this->place->first() === 'fields' && count($this->place->steps) === 2;
    }

    /** The field once more behind itself, with everything that is written of it. */
    private function copied(Document $document): Document
    {
        $draft = SheetDraft::from($document);
        foreach ($draft->fields as $i => $field) {
            if ($field->id->text === $this->place->last()) {
                $id = $draft->freeId($field->kind);
                $copy = $document->with(Place::of('fields', $id), ['id' => $id->text] + $field->document()->toArray());

                return $copy->moved(Place::of('fields', $id), $i + 1 - count($draft->fields));
            }
        }
        throw Refused::because(DraftRefusal::UnknownPlace);
    }

    private function fieldName(): string
    {
        return str_replace('-', ' ', $this->place->steps[1] ?? '');
    }

    /** What a new field of that kind is called, in every language. */
    public static function labels(FieldKind $kind): Texts
    {
        $labels = [];
        foreach (Language::cases() as $language) {
            $labels[$language->value] = (string) __("points.fields.{$kind->id()}", [], $language->value);
        }

        return Texts::from($labels);
    }
}
