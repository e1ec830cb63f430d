<?php

declare(strict_types=1);

namespace App\Pages\Visitor;

/** A part of a name that can be mended on the page behind the button. */
final readonly class NameLine
{
    /** @param  string  $fault  what is wrong with it; empty where nothing is */
    public function __construct(public string $input, public string $label, public string $value, public string $fault) {}
}
