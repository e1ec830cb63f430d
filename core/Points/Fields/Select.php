<?php

declare(strict_types=1);

namespace Juramen\Points\Fields;

use Juramen\Points\Field;
use Juramen\Points\FormWords;
use Juramen\Points\Offered;
use Juramen\Points\SlottedText;
use Juramen\Points\Typed;
use Juramen\Wording\Markup;

/** A list to choose one answer from, with none chosen beforehand; what is offered, its kind says. */
trait Select
{
    use OneInput;

    /** @return list<string> */
    public function chosen(Field $field, Typed $typed): array
    {
        $answer = trim($typed->in($field->name()));

        $known = array_filter($this->offered($field, $typed->language), static fn (Offered $o): bool => $o->value === $answer);

        return $known === [] ? [] : [$answer];
    }

    /** @param  list<string>  $answers */
    public function otherwise(Field $field, array $answers): string
    {
        $not = implode('', array_map(static fn (string $answer): string => ":not([value=\"$answer\"])", ['', ...$answers]));

        return ":has([id=\"{$field->name()}\"] option:checked$not)";
    }

    /** @param  list<Offered>  $offered */
    private function select(SlottedText $page, Field $field, FormWords $words, string $autofill, array $offered): void
    {
        $name = $field->name();
        $page->write("<select id=\"$name\" name=\"$name\" autocomplete=\"$autofill\"");
        $this->says($page, $field)->write('><option value="">'.Markup::escape($words->choose).'</option>');
        foreach ($offered as $each) {
            $lang = $each->language === null ? '' : " lang=\"{$each->language->value}\"";
            $page->write("<option value=\"$each->value\"$lang")->slot("choice:$name:$each->value")->write('>'.Markup::escape($each->label).'</option>');
        }
        $page->write('</select>');
    }
}
