<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Canon\Place;
use Juramen\Points\Control as ControlOfSheet;
use Juramen\Points\ControlKind;
use Juramen\Points\Field;
use Juramen\Points\FieldMeaning;
use Juramen\Points\FieldOption;
use Juramen\Points\Sheet;
use Juramen\Points\SheetDraft;
use Juramen\Register\Language;
use Juramen\Wording\Found;
use Juramen\Wording\Statement;

/**
 * The fields and boxes of a sheet's form as they were read from the form that it makes, each at its place in the sheet's document. A question
 * of the sheet's own that asks for consent is one, whatever kind of field it was made of.
 */
final readonly class SheetParts
{
    /** @var array<string, Control> by the selector of the input */
    private array $controls;

    /** @var array<string, AskedField> by the selector of the input */
    private array $asked;

    /**
     * @param  Sheet  $whole  filled
     * @param  list<Reading>  $pages  of the form that it makes
     */
    public function __construct(private Sheet $whole, private Language $language, array $pages)
    {
        $this->controls = self::bySelector(array_merge(...array_map(static fn (Reading $r): array => $r->controls, $pages)));
        $this->asked = self::bySelector(array_merge(...array_map(static fn (Reading $r): array => $r->fields, $pages)));
    }

    /** @return list<Control> each statement's, whatever its words seem to say; then those of fields that ask for consent, or for terms */
    public function controls(): array
    {
        return [
            ...array_map($this->ofStatement(...), $this->whole->statements),
            ...array_merge(...array_map($this->ofField(...), $this->whole->draft->fields)),
        ];
    }

    /** @return list<AskedField> */
    public function fields(): array
    {
        return array_merge(...array_map($this->asksFor(...), $this->whole->draft->fields));
    }

    public static function wordsOf(Statement $statement, Language $language): Place
    {
        return Place::of('statements', $statement->id, 'texts', $language->value);
    }

    /** What was found of the whole form stands where its words are written on the sheet: in a title, a line under it, a label or an answer. */
    public static function placed(Result $result, SheetDraft $draft, Language $language): Result
    {
        $words = $result->words->words ?? '';
        if ($words !== '' && $result->where?->text() === Place::of('title', $language->value)->text()) {
            foreach (self::texts($draft, $language) as $place => $text) {
                $from = mb_strpos($text, $words);
                if ($from !== false) {
                    return $result->at(Place::parse($place), new Found($words, $from, $from + mb_strlen($words)));
                }
            }
        }

        return $result;
    }

    /** @return array<string, string> what is written on it in a language, by its place */
    private static function texts(SheetDraft $draft, Language $language): array
    {
        $texts = ['title' => $draft->title, 'purpose-line' => $draft->purposeLine, 'button' => $draft->button];
        foreach ($draft->pages as $page) {
            $texts["pages/$page->id/title"] = $page->title;
        }
        foreach ($draft->fields as $field) {
            $texts["fields/$field->id/label"] = $field->label;
            $texts["fields/$field->id/help"] = $field->help;
            foreach ($field->options as $option) {
                $texts["fields/$field->id/options/$option->id/label"] = $option->label;
            }
        }
        $written = [];
        foreach ($texts as $place => $each) {
            $written["$place/$language->value"] = $each->orNothing($language);
        }

        return $written;
    }

    private function ofStatement(Statement $statement): Control
    {
        // Only a tick box is a control by itself; of the others the words stand over several inputs.
        $isTick = $this->whole->draft->control($statement->id)?->kind === ControlKind::Tick;
        $seen = $isTick ? $this->controls['#'.ControlOfSheet::nameOf($statement->id)] ?? null : null;

        return new Control(
            self::wordsOf($statement, $this->language), $seen->label ?? $statement->words($this->language), ControlRole::Consent,
            $seen->response ?? Response::Unset, $seen->required ?? false, $seen->refuses ?? false, $seen->purposes ?? [],
            $seen->channels ?? $statement->channels,
        );
    }

    /** @return list<Control> */
    private function ofField(Field $field): array
    {
        if ($field->kind->meaning() === FieldMeaning::Terms) {
            return [$this->ofTerms($field)];
        }
        $consents = array_filter($this->seen($this->controls, $field), static fn (Control $seen): bool => $seen->role === ControlRole::Consent);

        return array_map(fn (string $selector, Control $seen): Control => new Control(
            $this->labelOf($field, $selector), $this->saidBy($field, $seen, $selector), $seen->role, $seen->response, $seen->required, $seen->refuses,
            $seen->purposes, $seen->channels
        ), array_keys($consents), array_values($consents));
    }

    /** What is accepted stands under the box, as a link; it is read with it. */
    private function ofTerms(Field $field): Control
    {
        $seen = $this->controls["#{$field->name()}"] ?? null;
        // "I accept" by itself agrees to what stands under it, and to no more.
        $sends = $seen?->role === ControlRole::Consent && ($seen->purposes !== [] || $seen->channels !== []);

        return new Control(
            Place::of('fields', $field->id, 'label', $this->language->value), "{$field->label->in($this->language)} {$field->terms->named($this->language)}",
            $sends ? ControlRole::Consent : ControlRole::Terms, Response::Unset, $field->required, purposes: $seen->purposes ?? [],
            channels: $seen->channels ?? [],
        );
    }

    /**
     * What a kind of field does not say of itself its words say, as on any form: a line may ask for a friend's address, an answer for one's health.
     *
     * @return list<AskedField>
     */
    private function asksFor(Field $field): array
    {
        $meaning = $field->kind->meaning();
        if (! $meaning->isPersonal() || $this->ofField($field) !== []) {
            return [];
        }
        $seen = array_values($this->seen($this->asked, $field));
        $label = $field->label->in($this->language);
        if ($meaning === FieldMeaning::Other && $field->options !== [] && count($field->inputs()) > 1 && $seen !== []) {
            $label = implode(': ', array_filter([$label, $seen[0]->label], static fn (string $words): bool => $words !== ''));
        }

        return [new AskedField(
            Place::of('fields', $field->id), $label, $meaning === FieldMeaning::Other ? $seen[0]->meaning ?? $meaning : $meaning, $field->required,
            $field->reason
        )];
    }

    /** Its words, and the answers that may be chosen; without what the form says of every field. */
    private function saidBy(Field $field, Control $seen, string $selector): string
    {
        $answers = array_map(fn (FieldOption $o): string => $o->label->in($this->language), $field->options);

        return $selector !== "#{$field->name()}" ? $seen->label : $field->label->in($this->language)."\n".implode(' / ', $answers);
    }

    /** Where the words beside one of its inputs are written. */
    private function labelOf(Field $field, string $selector): Place
    {
        foreach ($field->options as $option) {
            if ($selector === "#{$field->inputOf($option)}") {
                return Place::of('fields', $field->id, 'options', $option->id, 'label', $this->language->value);
            }
        }

        return Place::of('fields', $field->id, 'label', $this->language->value);
    }

    /**
     * @template T
     *
     * @param  array<string, T>  $of
     * @return array<string, T> what was read of the field's inputs
     */
    private function seen(array $of, Field $field): array
    {
        $ids = [...$field->inputs(), ...array_map($field->inputOf(...), $field->options)];

        return array_intersect_key($of, array_fill_keys(array_map(static fn (string $id): string => "#$id", $ids), true));
    }

    /**
     * @template T of Control|AskedField
     *
     * @param  list<T>  $parts
     * @return array<string, T>
     */
    private static function bySelector(array $parts): array
    {
        return array_combine(array_map(static fn (Control|AskedField $part): string => $part->where->text(), $parts), $parts);
    }
}
