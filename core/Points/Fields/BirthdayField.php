<?php

declare(strict_types=1);

namespace Juramen\Points\Fields;

use Juramen\Canon\Day;
use Juramen\Points\AnswerRefused;
use Juramen\Points\Field;
use Juramen\Points\FieldKind;
use Juramen\Points\FieldMeaning;
use Juramen\Points\FieldValue;
use Juramen\Points\FormWords;
use Juramen\Points\SlottedText;
use Juramen\Points\Typed;
use Juramen\Register\Language;
use Juramen\Wording\Markup;

/** A day of birth in three numbers, in the order of the form's language. Kept as an ISO 8601 date. */
final readonly class BirthdayField implements FieldKind
{
    use Group;

    /** Nobody on record has grown older. */
    public const YEARS = 122;

    public function id(): string
    {
        return 'birthday';
    }

    public function meaning(): FieldMeaning
    {
        return FieldMeaning::Birthday;
    }

    /** @return non-empty-list<string> */
    public function inputs(Field $field): array
    {
        return ["{$field->name()}-day", "{$field->name()}-month", "{$field->name()}-year"];
    }

    public function control(SlottedText $page, Field $field, Language $language, FormWords $words): void
    {
        $labels = ['day' => $words->day, 'month' => $words->month, 'year' => $words->year];
        $page->write("<div class=\"parts\">\n");
        foreach (self::order($language) as $part) {
            $input = "{$field->name()}-$part";
            $page->write("<div class=\"$part\"><label for=\"$input\">".Markup::escape($labels[$part])."</label><input id=\"$input\" name=\"$input\" type=\"text\""
                ." inputmode=\"numeric\" autocomplete=\"bday-$part\" maxlength=\"4\"".($field->required ? ' required' : '').' value="')
                ->slot("value:$input")->write("\"></div>\n");
        }
        $page->write('</div>');
    }

    public function read(Field $field, Typed $typed): string
    {
        $parts = array_map(static fn (string $input): string => trim($typed->in($input)), $this->inputs($field));
        if (implode('', $parts) === '') {
            return '';
        }
        [$day, $month, $year] = array_map(static fn (string $part): int => preg_match('/^\d{1,4}$/D', $part) === 1 ? (int) $part : 0, $parts);
        if (! checkdate($month, $day, max(1, $year)) || $year === 0) {
            throw new AnswerRefused('field.no-day');
        }
        $birthday = Day::parse(sprintf('%04d-%02d-%02d', $year, $month, $day));
        $oldest = (int) substr($typed->today->text, 0, 4) - self::YEARS;

        return $birthday->isAfter($typed->today) || $year < $oldest ? throw new AnswerRefused('field.no-birthday') : $birthday->text;
    }

    public function typedAs(Field $field, string $kept, Language $language): array
    {
        $parts = array_reverse(explode('-', $kept));

        return count($parts) !== 3 ? [] : array_map(
            static fn (string $input, string $part): FieldValue => new FieldValue($input, ltrim($part, '0')), $this->inputs($field), $parts
        );
    }

    /** @return non-empty-list<'day'|'month'|'year'> as numbers of a date stand in that language (CLDR's short dates) */
    private static function order(Language $language): array
    {
        return $language === Language::Swedish ? ['year', 'month', 'day'] : ['day', 'month', 'year'];
    }
}
