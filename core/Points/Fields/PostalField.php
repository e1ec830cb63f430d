<?php

declare(strict_types=1);

namespace Juramen\Points\Fields;

use Juramen\Points\AnswerRefused;
use Juramen\Points\Field;
use Juramen\Points\FieldKind;
use Juramen\Points\FieldMeaning;
use Juramen\Points\FieldValue;
use Juramen\Points\FormWords;
use Juramen\Points\SlottedText;
use Juramen\Points\Typed;
use Juramen\Register\Channel;
use Juramen\Register\Language;
use Juramen\Wording\Markup;

/** A postal address: street, postcode and town. Kept on three lines; its country is a field of its own. */
final readonly class PostalField implements FieldKind
{
    use Group;

    /** Token of the HTML Standard's autofill field names, and the longest answer, by part. */
    private const PARTS = ['street' => ['address-line1', 150], 'postcode' => ['postal-code', 12], 'town' => ['address-level2', 80]];

    public function id(): string
    {
        return 'postal';
    }

    public function meaning(): FieldMeaning
    {
        return FieldMeaning::Postal;
    }

    public function reaches(Channel $channel): bool
    {
        return $channel === Channel::Post;
    }

    /** @return non-empty-list<string> */
    public function inputs(Field $field): array
    {
        return ["{$field->name()}-street", "{$field->name()}-postcode", "{$field->name()}-town"];
    }

    public function control(SlottedText $page, Field $field, Language $language, FormWords $words): void
    {
        $labels = ['street' => $words->street, 'postcode' => $words->postcode, 'town' => $words->town];
        $page->write("<div class=\"parts postal\">\n");
        foreach (self::PARTS as $part => [$autofill, $longest]) {
            $input = "{$field->name()}-$part";
            $page->write("<div class=\"$part\"><label for=\"$input\">".Markup::escape($labels[$part])."</label><input id=\"$input\" name=\"$input\" type=\"text\""
                ." autocomplete=\"$autofill\" maxlength=\"$longest\"".($field->required ? ' required' : '').' value="')
                ->slot("value:$input")->write("\"></div>\n");
        }
        $page->write('</div>');
    }

    public function read(Field $field, Typed $typed): string
    {
        $parts = [];
        foreach (self::PARTS as $part => [, $longest]) {
            $parts[] = OneLine::read($typed->in("{$field->name()}-$part"), $longest);
        }
        if (implode('', $parts) === '') {
            return '';
        }

        return in_array('', $parts, true) ? throw new AnswerRefused('field.no-address') : implode("\n", $parts);
    }

    public function typedAs(Field $field, string $kept, Language $language): array
    {
        $parts = explode("\n", $kept);

        return count($parts) !== 3 ? [] : array_map(
            static fn (string $input, string $part): FieldValue => new FieldValue($input, $part), $this->inputs($field), $parts
        );
    }
}
