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
            EditKind::Set => $schema->put($document, $this->place, $this->value, $written),
            EditKind::Remove => $schema->take($document, $this->place),
            EditKind::Up, EditKind::Down => $schema->at($this->place)->type instanceof Item && count($this->place->steps) > 1
                ? $document->moved($this->place, $this->kind === EditKind::Up ? -1 : 1) : throw Refused::because(DraftRefusal::UnknownPlace),
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
                $this->place->first() === 'fields' && $member->type instanceof YesNo => 'made '.str_replace('-', ' ', $this->place->steps[1]).' '
                    .($this->value === '1' ? 'required' : 'optional'),
                default => "changed $named",
            },
            EditKind::Begin => "began $named",
            EditKind::Add => $this->place->text() === 'statements' ? "asked also for $value" : "added the field $value",
            EditKind::Remove => $member->type instanceof DepartureValue
                ? 'followed the house again in “'.lcfirst(Rule::from($this->place->last())->title()).'”' : "removed $named",
            EditKind::Up => "moved $named up",
            EditKind::Down => "moved $named down",
        };
    }

    private function added(Document $document, string $what): Document
    {
        if ($what === '') {
            return $document;
        }
        $id = Slug::parse($what);
        if ($this->place->text() === 'statements') {
            return $document->at($this->place->in($id)) === null ? $document->with($this->place->in($id), ['id' => $id->text])
                : throw Refused::because(DraftRefusal::FieldTwice, what: $id);
        }
        $kind = in_array($what, FieldKinds::ids(), true) ? FieldKinds::get($what)
            : throw Refused::because(DraftRefusal::NotOneOf, what: 'the kind of field', names: implode(', ', FieldKinds::ids()));
        $field = Field::new(SheetDraft::from($document)->freeId($kind), $kind, self::labels($kind));

        return $document->with($this->place->in($field->id), $field->document()->toArray());
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
