<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use Illuminate\Http\Request;
use Juramen\Canon\Day;
use Juramen\Points\AnswerRefused;
use Juramen\Points\Control;
use Juramen\Points\Field;
use Juramen\Points\FieldMeaning;
use Juramen\Points\FieldMessage;
use Juramen\Points\FieldValue;
use Juramen\Points\FormRenderer;
use Juramen\Points\LaidPage;
use Juramen\Points\Layout;
use Juramen\Points\PointEdition;
use Juramen\Points\Recipient;
use Juramen\Points\Said;
use Juramen\Points\Typed;
use Juramen\Register\EmailAddress;
use Juramen\Register\InvalidEmailAddress;
use Juramen\Register\Language;

/** What a browser sent, read against an edition's fields and controls: texts only, valid UTF-8, nothing that was not asked. */
final readonly class SubmittedForm
{
    /**
     * @param  LaidPage  $page  that was sent
     * @param  Typed  $typed  on all pages
     */
    private function __construct(
        public PointEdition $edition, public Language $language, public Layout $layout, public LaidPage $page, public Typed $typed, public bool $trapTouched
    ) {}

    /**
     * @param  Day  $today  that it is in the office; ages are judged by it
     * @param  list<FieldValue>  $earlier  what was answered on other pages
     */
    public static function read(Request $request, PointEdition $edition, Language $language, Day $today, array $earlier = []): self
    {
        $sent = static fn (string $name): string => is_string($given = $request->request->all()[$name] ?? null) ? mb_scrub($given, 'UTF-8') : '';
        $layout = $edition->sheet->layout();
        $page = $layout->pages[max(1, (int) $sent(FormRenderer::PAGE)) - 1] ?? $layout->pages[0];
        $before = new Typed($earlier, $language, $today);
        $values = [];
        foreach ($layout->pages as $each) {
            foreach (self::inputs($each, $edition) as $input) {
                $values[] = new FieldValue($input, $each === $page ? $sent($input) : $before->in($input));
            }
        }

        return new self(
            $edition, $language, $layout, $page, self::typed($values, $edition, $language, $today), $sent(FormRenderer::TRAP) !== ''
        );
    }

    /** The same with nothing answered to any statement. */
    public function withoutTicks(): self
    {
        return new self(
            $this->edition, $this->language, $this->layout, $this->page,
            self::typed($this->fieldValues(), $this->edition, $this->language, $this->typed->today), $this->trapTouched
        );
    }

    /** @return list<FieldValue> what was typed into fields */
    public function fieldValues(): array
    {
        $fields = array_merge([], ...array_map(static fn (Field $f): array => $f->inputs(), $this->edition->sheet->draft->fields));

        return array_values(array_filter($this->typed->values, static fn (FieldValue $v): bool => in_array($v->name, $fields, true)));
    }

    /** @return list<string> ids of inputs of controls that stand chosen */
    public function ticked(): array
    {
        $ticked = [];
        foreach ($this->edition->sheet->draft->controls as $control) {
            $said = $this->answer($control);
            array_push($ticked, ...($said === null ? [] : $said->inputs($control)));
        }

        return $ticked;
    }

    /** @return list<Said> what was answered to the statements that were shown */
    public function said(): array
    {
        return Faults::said($this->edition->sheet, $this->layout, $this->typed);
    }

    /** @return list<string> names of fields and controls that were not shown, since the answers did not call for them */
    public function notShown(): array
    {
        return $this->layout->hidden($this->typed);
    }

    /** @return list<string> ids of those to whom what was wanted besides goes */
    public function recipients(): array
    {
        $draft = $this->edition->sheet->draft;
        $get = array_filter($draft->recipients, fn (Recipient $r): bool => $r->gets($draft->fields, $this->typed));

        return array_values(array_map(static fn (Recipient $r): string => $r->id->text, $get));
    }

    /** @return list<string> names of what a page leaves out, since answers on others do not call for it */
    public function leftOut(LaidPage $page): array
    {
        $items = array_filter(
            $page->items(),
            fn (Field|Control $item): bool => $this->layout->isLeftOutByPage($item) && $this->layout->hides($item, $this->typed)
        );

        return array_values(array_map(static fn (Field|Control $item): string => $item->name(), $items));
    }

    /** What was written in free words. */
    public function written(): string
    {
        $fields = array_filter($this->asked(), static fn (Field $f): bool => $f->kind->meaning() === FieldMeaning::Message);

        return trim(implode("\n", array_map(fn (Field $f): string => $this->typed->in($f->name()), $fields)));
    }

    /** @throws InvalidEmailAddress */
    public function email(): EmailAddress
    {
        return EmailAddress::parse($this->typed->in($this->edition->sheet->draft->emailField()->name()));
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
        foreach ($this->asked() as $field) {
            $answer = $field->read($this->typed);
            if ($answer !== '' && ! $field->id->equals($draft->emailField()->id)) {
                $kept[] = new FieldValue($draft->disclosedAs($field), $answer);
            }
        }

        return $kept;
    }

    /** @return list<FieldMessage> what is wrong and what would be right, on all pages, in their order */
    public function errors(): array
    {
        return Faults::of($this->edition->sheet, $this->layout, $this->typed);
    }

    /**
     * @return list<FieldMessage> those of them on a page
     */
    public function errorsOn(LaidPage $page): array
    {
        return array_values(array_filter($this->errors(), static fn (FieldMessage $m): bool => $page->has($m->name)));
    }

    private function answer(Control $control): ?Said
    {
        $statement = $this->edition->sheet->statement($control->statement);

        return $statement === null ? null : Said::read($control, $statement, $this->typed);
    }

    /** @return list<Field> that were shown */
    private function asked(): array
    {
        return array_values(array_filter($this->edition->sheet->draft->fields, fn (Field $f): bool => ! $this->layout->hides($f, $this->typed)));
    }

    /** @return list<string> names of all inputs of a page */
    private static function inputs(LaidPage $page, PointEdition $edition): array
    {
        $inputs = array_map(static fn (Field $f): array => $f->inputs(), $page->fields);
        foreach ($page->controls as $control) {
            $statement = $edition->sheet->statement($control->statement);
            $inputs[] = $statement === null ? [] : $control->inputs($statement);
        }

        return array_merge([], ...$inputs);
    }

    /** @param  list<FieldValue>  $values */
    private static function typed(array $values, PointEdition $edition, Language $language, Day $today): Typed
    {
        $typed = new Typed($values, $language, $today, $edition->sheet->draft->countries);

        return $typed->from($edition->sheet->draft->declaredIn($typed));
    }
}
