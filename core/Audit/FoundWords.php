<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Canon\Place;

/** Words on a form that stand beside no field, box or button, and that something was found of. */
final readonly class FoundWords
{
    /**
     * @param  Place|Selector  $where  of the form, or of a part of it that holds nothing but them
     * @param  int  $from  in characters of the form's text
     */
    public function __construct(public Place|Selector $where, public string $label, public int $from) {}
}
