<?php

declare(strict_types=1);

namespace Juramen\Points\Fields;

use Juramen\Points\Field;
use Juramen\Points\FormWords;
use Juramen\Points\SlottedText;
use Juramen\Points\Typed;
use Juramen\Register\Language;

/** A field to type one line in. */
trait LineInput
{
    use OneInput;

    /** The HTML input type, which also chooses the keyboard on a phone. */
    private function type(): string
    {
        return 'text';
    }

    /** Token of the HTML Standard's autofill field names, so that browsers can help (WCAG 2.2, 1.3.5). */
    abstract private function autofill(): string;

    /** The longest answer, in characters. */
    private function longest(): int
    {
        return 100;
    }

    public function control(SlottedText $page, Field $field, Language $language, FormWords $words): void
    {
        $name = $field->name();
        $page->write("<input id=\"$name\" name=\"$name\" type=\"{$this->type()}\" autocomplete=\"{$this->autofill()}\" maxlength=\"{$this->longest()}\"");
        $this->says($page, $field)->write(' value="')->slot("value:$name")->write('">');
    }

    public function read(Field $field, Typed $typed): string
    {
        return OneLine::read($typed->in($field->name()), $this->longest());
    }
}
