<?php

declare(strict_types=1);

namespace Juramen\Points\Fields;

use Collator;
use Juramen\Points\AnswerRefused;
use Juramen\Points\Field;
use Juramen\Points\FieldKind;
use Juramen\Points\FieldMeaning;
use Juramen\Points\FormWords;
use Juramen\Points\Governs;
use Juramen\Points\Offered;
use Juramen\Points\SlottedText;
use Juramen\Points\Typed;
use Juramen\Register\Language;
use Juramen\Wording\Markup;
use ResourceBundle;

/**
 * The country somebody lives in, typed with the names suggested in the form's language, none of them chosen beforehand. Kept as its
 * ISO 3166-1 code; names by ICU.
 */
final readonly class CountryField implements FieldKind, Governs
{
    use OneInput;

    /** Codes of ICU that are no country: groups, private ones, and "unknown". */
    private const NONE = ['EU', 'EZ', 'UN', 'QO', 'XA', 'XB', 'ZZ'];

    public function id(): string
    {
        return 'country';
    }

    public function meaning(): FieldMeaning
    {
        return FieldMeaning::Country;
    }

    public function control(SlottedText $page, Field $field, Language $language, FormWords $words): void
    {
        $name = $field->name();
        $page->write("<input id=\"$name\" name=\"$name\" type=\"text\" list=\"$name-names\" autocomplete=\"country-name\"");
        $this->says($page, $field)->write(' value="')->slot("value:$name")->write("\"><datalist id=\"$name-names\">");
        foreach (self::names($language) as $each) {
            $page->write('<option value="'.Markup::escape($each).'">');
        }
        $page->write('</datalist>');
    }

    public function read(Field $field, Typed $typed): string
    {
        $answer = mb_strtolower(trim($typed->in($field->name())));
        if ($answer === '') {
            return '';
        }
        foreach (Language::cases() as $language) {
            foreach (self::names($language) as $code => $name) {
                if ($answer === mb_strtolower($name) || $answer === strtolower($code)) {
                    return $code;
                }
            }
        }

        throw new AnswerRefused('field.country');
    }

    /** Ids are codes in lower case. */
    public function offered(Field $field, Language $language): array
    {
        $names = self::names($language);

        return array_map(static fn (string $code, string $name): Offered => new Offered(strtolower($code), $name), array_keys($names), $names);
    }

    public function chosen(Field $field, Typed $typed): array
    {
        try {
            $code = strtolower($this->read($field, $typed));
        } catch (AnswerRefused) {
            $code = '';
        }

        return $code === '' ? [] : [$code];
    }

    /** It is typed, and styles do not see what was typed. */
    public function otherwise(Field $field, array $answers): null
    {
        return null;
    }

    /** @return array<string, string> code to name, as they are ordered in that language */
    private static function names(Language $language): array
    {
        $names = [];
        $all = ResourceBundle::create($language->value, 'ICUDATA-region')?->get('Countries');
        foreach ($all instanceof ResourceBundle ? $all : [] as $code => $name) {
            if (is_string($name) && is_string($code) && preg_match('/^[A-Z]{2}$/D', $code) === 1 && ! in_array($code, self::NONE, true)) {
                $names[$code] = $name;
            }
        }
        (new Collator($language->value))->asort($names);

        return $names;
    }
}
