<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Pages\Controls\Adding;
use App\Pages\Controls\Choice;
use App\Pages\Controls\Line;
use App\Pages\Controls\Option;
use App\Pages\Controls\PlaceId;
use App\Pages\Controls\Press;
use App\Pages\Notes\Margin;
use Juramen\Points\Field;
use Juramen\Points\FieldKind;
use Juramen\Points\FieldKinds;
use Juramen\Points\FieldMeaning;
use Juramen\Points\Labelling;
use Juramen\Points\SheetDraft;
use Juramen\Register\Language;

/** What a sheet asks for, field by field. */
final readonly class ShowFields
{
    public function __construct(private SheetDraft $draft, private ShowPlacing $placing) {}

    /** @return list<FieldRow> */
    public function rows(Margin $margin): array
    {
        $rows = [];
        foreach ($this->draft->fields as $i => $field) {
            $place = "fields/{$field->id}";
            // The second of a kind is called so.
            $nth = count(array_filter(array_slice($this->draft->fields, 0, $i), static fn (Field $f): bool => $f->kind->id() === $field->kind->id())) + 1;
            $name = self::nameOf($field->kind).($nth === 1 ? '' : " $nth");
            $isEmail = $field->kind->meaning() === FieldMeaning::Email;
            $hidden = $field->kind->labelling() === Labelling::None;
            $rows[] = new FieldRow(
                $place, ucfirst($name), FieldMarks::of($field, $margin),
                $isEmail ? null : new Choice(
                    "$place/kind", "Kind of field of $name", Option::all(array_map(ucfirst(...), self::otherKinds()), [$field->kind->id()])
                ),
                $isEmail || $hidden ? null : Choice::yesNo("$place/required", "Must $name be given?", $field->required, 'required', 'optional'),
                $hidden ? 'hidden' : 'required',
                new Line("$place/reason", "Why $name is asked", $field->reason, 'no reason given'),
                [
                    ...Press::forItem($place, $name, $i === 0, $i === count($this->draft->fields) - 1, null),
                    ...($isEmail ? [] : [
                        new Press(PlaceId::of($place).'-copy', $place, 'Copy', "Ask for $name once more", 'copy'),
                        new Press(PlaceId::of($place).'-remove', $place, 'Remove', "Remove $name", 'remove'),
                    ]),
                ],
                array_map(static fn (Language $l): FieldTexts => new FieldTexts(
                    $l->endonym(), new Line("$place/label/{$l->value}", "Label of $name in {$l->endonym()}", $field->label->orNothing($l), 'no label'),
                    new Line("$place/help/{$l->value}", "Help for $name in {$l->endonym()}", $field->help->orNothing($l), 'no help', needed: false),
                ), $hidden ? [] : $this->draft->languages),
                $field->kind->offersOptions() ? self::answers($field, $name, $this->draft->languages) : [],
                $field->kind->offersOptions() ? new Press(PlaceId::of($place).'-another', "$place/options", 'Offer another answer',
                    "Offer another answer to $name", 'add', 'answer') : null,
                $field->kind->id() === 'choices' ? Choice::yesNo(
                    "$place/adds", "What becomes of earlier answers to $name", $field->adds, 'is added to what they chose before',
                    'takes the place of what they chose before'
                ) : null,
                $this->placing->of($field, $place, $name), self::own($field, $place, $name, $this->draft->languages),
            );
        }

        return $rows;
    }

    /**
     * @param  list<Language>  $languages
     * @return list<AnswerRow>
     */
    private static function answers(Field $field, string $name, array $languages): array
    {
        $rows = [];
        foreach ($field->options as $i => $option) {
            $place = "fields/{$field->id}/options/{$option->id}";
            $number = $i + 1;
            $rows[] = new AnswerRow(
                $place,
                array_map(static fn (Language $l): Line => new Line(
                    "$place/label/{$l->value}", "Answer $number to $name in {$l->endonym()}", $option->label->orNothing($l), "in {$l->endonym()}"
                ), $languages),
                Press::forItem($place, "answer $number to $name", $i === 0, $i === count($field->options) - 1, 'Remove'),
            );
        }

        return $rows;
    }

    /**
     * What only its kind has.
     *
     * @param  list<Language>  $languages
     * @return list<OwnPart>
     */
    private static function own(Field $field, string $place, string $name, array $languages): array
    {
        return match ($field->kind->meaning()) {
            FieldMeaning::Terms => [
                new OwnPart('document', array_map(static fn (Language $l): Line => new Line(
                    "$place/terms/name/{$l->value}", "Name of the document of $name in {$l->endonym()}", $field->terms->name->orNothing($l),
                    "in {$l->endonym()}"
                ), $languages)),
                new OwnPart('edition', [new Line("$place/terms/edition", "Edition of the document of $name", $field->terms->edition, 'such as 2026-05')]),
                new OwnPart('read at', array_map(static fn (Language $l): Line => new Line(
                    "$place/terms/link/{$l->value}", "Link to the document of $name in {$l->endonym()}", $field->terms->link->orNothing($l),
                    "https://… in {$l->endonym()}"
                ), $languages)),
            ],
            FieldMeaning::Source => [
                new OwnPart('?from=', [
                    new Line("$place/marks", "Marks of $name", implode(' ', $field->marks), 'such as harbour-poster ticket-mail'),
                ]),
            ],
            default => [],
        };
    }

    /** What may be asked besides. */
    public static function another(): Adding
    {
        return new Adding('fields', 'field', self::otherKinds());
    }

    /** @return array<string, string> every kind but the address, of which a form has one */
    private static function otherKinds(): array
    {
        $kinds = array_filter(FieldKinds::all(), static fn (FieldKind $k): bool => $k->meaning() !== FieldMeaning::Email);

        return array_combine(array_map(static fn (FieldKind $k): string => $k->id(), $kinds), array_map(self::nameOf(...), $kinds));
    }

    private static function nameOf(FieldKind $kind): string
    {
        return mb_strtolower((string) __("office.field-kinds.{$kind->id()}", [], 'en'));
    }
}
