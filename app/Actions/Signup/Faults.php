<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use Juramen\Points\AnswerRefused;
use Juramen\Points\Control;
use Juramen\Points\Field;
use Juramen\Points\FieldMessage;
use Juramen\Points\Layout;
use Juramen\Points\Said;
use Juramen\Points\Sheet;
use Juramen\Points\Typed;

/** What is wrong with the answers to a form and what would be right, as its visitors are told. */
final readonly class Faults
{
    private function __construct(private Sheet $sheet, private Layout $layout, private Typed $typed) {}

    /** @return list<FieldMessage> on all pages, in their order */
    public static function of(Sheet $sheet, Layout $layout, Typed $typed): array
    {
        return (new self($sheet, $layout, $typed))->all();
    }

    /** @return list<FieldMessage> of one field, by itself */
    public static function ofField(Field $field, Typed $typed): array
    {
        try {
            $field->read($typed);

            return [];
        } catch (AnswerRefused $e) {
            return [new FieldMessage($field->name(), self::say($e->fault, $field, $typed, $e->most, $e->count))];
        }
    }

    /** @return list<Said> what was answered to the statements that were shown */
    public static function said(Sheet $sheet, Layout $layout, Typed $typed): array
    {
        return (new self($sheet, $layout, $typed))->answered();
    }

    /** @return list<FieldMessage> */
    private function all(): array
    {
        $errors = [];
        foreach ($this->sheet->draft->fields as $field) {
            if ($this->layout->hides($field, $this->typed)) {
                continue;
            }
            try {
                $field->read($this->typed);
            } catch (AnswerRefused $e) {
                $errors[$field->name()] = self::say($e->fault, $field, $this->typed, $e->most, $e->count);
            }
        }
        foreach ($this->unreached() as $field) {
            $errors[$field->name()] ??= self::say('field.reaches', $field, $this->typed);
        }
        foreach ($this->sheet->draft->controls as $control) {
            if ($control->isNeeded() && ! $this->layout->hides($control, $this->typed) && $this->answer($control) === null) {
                $errors[$control->name()] = (string) __('visitor.field.yes-or-no', [], $this->typed->language->value);
            }
        }
        // Consent is never the price of something else: only a form that is for nothing else cannot be sent without an answer.
        if (! $this->sheet->draft->kind->servesSomethingElse() && $this->answered() === []) {
            $errors[$this->sheet->draft->controls[0]->name()] ??= (string) __('visitor.tick', [], $this->typed->language->value);
        }
        $messages = [];
        foreach ($this->layout->pages as $page) {
            foreach ($page->items() as $item) {
                if (isset($errors[$item->name()])) {
                    $messages[] = new FieldMessage($item->name(), $errors[$item->name()]);
                }
            }
        }

        return $messages;
    }

    /** @return list<Said> */
    private function answered(): array
    {
        $shown = array_filter($this->sheet->draft->controls, fn (Control $c): bool => ! $this->layout->hides($c, $this->typed));

        return array_values(array_filter(array_map($this->answer(...), $shown)));
    }

    private function answer(Control $control): ?Said
    {
        $statement = $this->sheet->statement($control->statement);

        return $statement === null ? null : Said::read($control, $statement, $this->typed);
    }

    private static function say(string $fault, Field $field, Typed $typed, int $most = 0, int $count = 0): string
    {
        $language = $typed->language;

        return (string) __("visitor.$fault", ['label' => $field->label->orNothing($language), 'most' => $most, 'count' => $count], $language->value);
    }

    /** @return list<Field> left empty, though something was agreed to that only they can bring */
    private function unreached(): array
    {
        $unreached = [];
        foreach ($this->answered() as $said) {
            foreach ($said->channels as $channel) {
                $fields = $this->sheet->draft->fieldsReaching($channel);
                $given = array_filter($fields, fn (Field $f): bool => $f->isAnswered($this->typed));
                array_push($unreached, ...($given === [] ? array_slice($fields, 0, 1) : []));
            }
        }

        return $unreached;
    }
}
