<?php

declare(strict_types=1);

namespace Juramen\Points\Fields;

use Juramen\Points\Field;
use Juramen\Points\FormWords;
use Juramen\Points\SlottedText;
use Juramen\Wording\Markup;

/** A list to choose one answer from, with none chosen beforehand. */
trait Select
{
    use OneInput;

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
