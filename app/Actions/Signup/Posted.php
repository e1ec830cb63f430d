<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use Illuminate\Http\Request;
use Juramen\Points\Field;
use Juramen\Points\FieldKind;
use Juramen\Points\FormRenderer;
use Juramen\Points\PointEdition;
use Juramen\Register\EmailAddress;
use Juramen\Register\InvalidEmailAddress;
use Juramen\Register\Language;

/** What a browser sent, read against an edition's fields: texts only, valid UTF-8, nothing that was not asked. */
final readonly class Posted
{
    /**
     * @param  array<string, string>  $values  field name to what was typed, as typed
     * @param  list<string>  $ticked  names of controls
     * @param  list<string>  $statements  ids of statements answered with yes
     */
    private function __construct(public PointEdition $edition, public Language $language, public array $values, public array $ticked, public array $statements, public bool $trapTouched) {}

    public static function read(Request $request, PointEdition $edition, Language $language): self
    {
        $text = static fn (string $name): string => is_string($given = $request->request->all()[$name] ?? null) ? mb_scrub($given, 'UTF-8') : '';
        [$values, $ticked, $statements] = [[], [], []];
        foreach ($edition->sheet->fields as $field) {
            $values[$field->name()] = $text($field->name());
        }
        foreach ($edition->sheet->statements as $statement) {
            if ($text(FormRenderer::controlName($statement->id)) === 'yes') {
                $ticked[] = FormRenderer::controlName($statement->id);
                $statements[] = $statement->id;
            }
        }

        return new self($edition, $language, $values, $ticked, $statements, $text(FormRenderer::TRAP) !== '');
    }

    /** The same with nothing agreed to. */
    public function withoutTicks(): self
    {
        return new self($this->edition, $this->language, $this->values, [], [], $this->trapTouched);
    }

    /** @throws InvalidEmailAddress */
    public function email(): EmailAddress
    {
        return EmailAddress::parse($this->values[FieldKind::Email->value] ?? '');
    }

    /** @return array<string, string> values worth keeping, the address apart */
    public function kept(): array
    {
        $kept = array_map(trim(...), array_diff_key($this->values, [FieldKind::Email->value => true]));

        return array_filter($kept, static fn (string $value): bool => $value !== '');
    }

    /** @return array<string, string> field or control name to what is wrong and what would be right */
    public function errors(): array
    {
        $say = fn (string $key, array $with = []): string => (string) __("visitor.$key", $with, $this->language->value);
        $errors = [];
        foreach ($this->edition->sheet->fields as $field) {
            $typed = trim($this->values[$field->name()]);
            $length = mb_strlen($typed);
            if ($field->kind === FieldKind::Email) {
                try {
                    $this->email();
                } catch (InvalidEmailAddress $e) {
                    $errors[$field->name()] = $say('email.'.$e->fault->value);
                }
            } elseif ($field->required && $typed === '') {
                $errors[$field->name()] = $say('field.missing', ['label' => $field->label->in($this->language)]);
            } elseif ($length > $field->kind->longest()) {
                $errors[$field->name()] = $say('field.too-long', ['most' => $field->kind->longest(), 'count' => $length]);
            } elseif (preg_match('/[\p{Cc}\x{2028}\x{2029}]/u', $typed) === 1) {
                $errors[$field->name()] = $say('field.line');
            }
        }
        // Consent is never the price of something else: only a form that is for nothing else cannot be sent without it.
        if ($this->statements === [] && ! $this->edition->sheet->kind->servesSomethingElse()) {
            $errors[FormRenderer::controlName($this->edition->sheet->statements[0]->id)] = $say('tick');
        }
        foreach ($this->unreached() as $field) {
            $errors[$field->name()] ??= $say('field.reaches', ['label' => $field->label->in($this->language)]);
        }

        return $errors;
    }

    /** @return list<Field> left empty, though something was agreed to that only they can bring */
    private function unreached(): array
    {
        $unreached = [];
        foreach ($this->edition->sheet->statements as $statement) {
            foreach (in_array($statement->id, $this->statements, true) ? $statement->channels : [] as $channel) {
                $fields = array_filter($this->edition->sheet->fields, static fn (Field $f): bool => $f->kind->reaches($channel));
                $given = array_filter($fields, fn (Field $f): bool => trim($this->values[$f->name()]) !== '');
                array_push($unreached, ...($given === [] ? array_slice($fields, 0, 1) : []));
            }
        }

        return $unreached;
    }
}
