<?php

declare(strict_types=1);

namespace Juramen\Points\Fields;

use Juramen\Points\AnswerRefused;
use Juramen\Points\Field;
use Juramen\Points\Typed;

/** A line with somebody's name, which leads nowhere: it may stand in a mail's greeting. */
trait PersonName
{
    use LineInput;

    public function read(Field $field, Typed $typed): string
    {
        $name = OneLine::read($typed->in($field->name()), $this->longest());

        return preg_match('~://|\bwww\.|\S@\S|\.[a-z]{2,}/~i', $name) === 1 ? throw new AnswerRefused('field.no-name') : $name;
    }
}
