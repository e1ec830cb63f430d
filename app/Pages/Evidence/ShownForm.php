<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

/** Where the form that a person answered is shown again, as it was frozen. */
final readonly class ShownForm
{
    /** @param  list<string>  $pages  addresses of its pages */
    public function __construct(public string $when, public array $pages) {}
}
