<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Support\SystemClock;
use Illuminate\Http\Request;
use Juramen\Points\AnswerRefused;
use Juramen\Points\Field;
use Juramen\Points\FieldMessage;
use Juramen\Points\FieldValue;
use Juramen\Points\FormRenderer;
use Juramen\Points\PointEdition;
use Juramen\Points\Typed;
use Juramen\Register\EmailAddress;
use Juramen\Register\InvalidEmailAddress;
use Juramen\Register\Language;
use Juramen\Wording\Statement;

/** What a browser sent, read against an edition's fields: texts only, valid UTF-8, nothing that was not asked. */
final readonly class SubmittedForm
{
    /**
     * @param  list<FieldValue>  $values  as typed, one for each input of a field
     * @param  list<Statement>  $agreed  statements answered with yes
     */
    private function __construct(
        public PointEdition $edition, public Language $language, public array $values, public array $agreed, public bool $trapTouched
    ) {}

    public static function read(Request $request, PointEdition $edition, Language $language): self
    {
        $text = static fn (string $name): string => is_string($given = $request->request->all()[$name] ?? null) ? mb_scrub($given, 'UTF-8') : '';

        return new self(
            $edition, $language,
            array_map(
                static fn (string $input): FieldValue => new FieldValue($input, $text($input)),
                array_merge(...array_map(static fn (Field $f): array => $f->inputs(), $edition->sheet->draft->fields))
            ),
            array_values(array_filter($edition->sheet->statements, static fn (Statement $s): bool => $text(FormRenderer::controlName($s->id->text)) === 'yes')),
            $text(FormRenderer::TRAP) !== '',
        );
    }

    /** The same with nothing agreed to. */
    public function withoutTicks(): self
    {
        return new self($this->edition, $this->language, $this->values, [], $this->trapTouched);
    }

    /** @return list<string> names of controls that were ticked */
    public function ticked(): array
    {
        return array_map(static fn (Statement $s): string => FormRenderer::controlName($s->id->text), $this->agreed);
    }

    /** @throws InvalidEmailAddress */
    public function email(): EmailAddress
    {
        return EmailAddress::parse($this->typed()->in($this->edition->sheet->draft->emailField()->name()));
    }

    /**
     * Answers worth keeping, the address apart, each under the name by which it is disclosed.
     *
     * @return list<FieldValue>
     *
     * @throws AnswerRefused where errors() is not empty
     */
    public function kept(): array
    {
        $draft = $this->edition->sheet->draft;
        $kept = [];
        foreach ($draft->fields as $field) {
            $answer = $field->read($this->typed());
            if ($answer !== '' && ! $field->id->equals($draft->emailField()->id)) {
                $kept[] = new FieldValue($draft->disclosedAs($field), $answer);
            }
        }

        return $kept;
    }

    /** @return list<FieldMessage> what is wrong and what would be right */
    public function errors(): array
    {
        $errors = [];
        foreach ($this->edition->sheet->draft->fields as $field) {
            try {
                $field->read($this->typed());
            } catch (AnswerRefused $e) {
                $errors[$field->name()] = $this->say($e->fault, $field, $e->most, $e->count);
            }
        }
        // Consent is never the price of something else: only a form that is for nothing else cannot be sent without it.
        if ($this->agreed === [] && ! $this->edition->sheet->draft->kind->servesSomethingElse()) {
            $errors[FormRenderer::controlName($this->edition->sheet->statements[0]->id->text)] = (string) __('visitor.tick', [], $this->language->value);
        }
        foreach ($this->unreached() as $field) {
            $errors[$field->name()] ??= $this->say('field.reaches', $field);
        }

        return array_map(
            static fn (string $name, string $says): FieldMessage => new FieldMessage($name, $says), array_map(strval(...), array_keys($errors)),
            array_values($errors)
        );
    }

    private function typed(): Typed
    {
        return new Typed($this->values, $this->language, (new SystemClock)->today(), $this->edition->sheet->draft->countries);
    }

    private function say(string $fault, Field $field, int $most = 0, int $count = 0): string
    {
        return (string) __(
            "visitor.$fault", ['label' => $field->label->orNothing($this->language), 'most' => $most, 'count' => $count], $this->language->value
        );
    }

    /** @return list<Field> left empty, though something was agreed to that only they can bring */
    private function unreached(): array
    {
        $unreached = [];
        foreach ($this->agreed as $statement) {
            foreach ($statement->channels as $channel) {
                $fields = $this->edition->sheet->draft->fieldsReaching($channel);
                $given = array_filter($fields, fn (Field $f): bool => $f->isAnswered($this->typed()));
                array_push($unreached, ...($given === [] ? array_slice($fields, 0, 1) : []));
            }
        }

        return $unreached;
    }
}
