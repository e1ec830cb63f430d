<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\ById;
use Juramen\Register\Language;

/** Something of a person that can go over to a destination: what belongs to the consent, or what a field asked. */
final readonly class PassedValue
{
    public const ADDRESS = 'email';

    public const PHONE = 'phone';

    /** @param  string  $name  by which a destination's mapping knows it: a value's own, or that under which a field's answers are disclosed */
    private function __construct(
        public string $name, public string $title, public ValueType $type, public bool $belongsToConsent, public FieldMeaning $meaning = FieldMeaning::Other
    ) {}

    /**
     * Everything that can go over from these forms, what belongs to the consent first.
     *
     * @param  list<SheetDraft>  $sheets
     * @return ById<self>
     */
    public static function of(array $sheets): ById
    {
        $values = ById::of([
            new self(self::ADDRESS, 'email address', ValueType::Text, true, FieldMeaning::Email),
            new self('language', 'language in which they agreed', ValueType::Text, true),
            new self('point', 'signup point', ValueType::Text, true),
            new self('statement', 'edition of the statement', ValueType::Text, true),
            new self('agreed-at', 'when they agreed', ValueType::Moment, true),
            new self('confirmed-at', 'when they confirmed', ValueType::Moment, true),
            new self('withdrawal', 'link to withdraw', ValueType::Link, true),
            new self('preferences', 'link to their choices', ValueType::Link, true),
        ], static fn (self $v): string => $v->name);
        foreach ($sheets as $sheet) {
            foreach ($sheet->fields as $field) {
                $name = $sheet->disclosedAs($field);
                if (! $values->has($name) && $field->kind->meaning()->isPersonal()) {
                    $title = mb_strtolower($field->label->orNothing(Language::English) ?: $field->label->model()) ?: str_replace('-', ' ', $name);
                    $values = $values->with($name, new self($name, $title, self::typeOf($field), false, $field->kind->meaning()));
                }
            }
        }

        return $values;
    }

    private static function typeOf(Field $field): ValueType
    {
        return match ($field->kind->id()) {
            'birthday' => ValueType::Day,
            'age' => ValueType::Number,
            default => ValueType::Text,
        };
    }
}
