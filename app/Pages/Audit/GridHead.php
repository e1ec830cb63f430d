<?php

declare(strict_types=1);

namespace App\Pages\Audit;

/** What a row or a column of the grid stands for: a form, or a requirement. */
final readonly class GridHead
{
    /**
     * @param  string  $group  to which it and those behind it belong; empty where that is said before
     * @param  string  $about  in a line, for whoever wants to know more
     * @param  string|null  $form  its key; null for a requirement
     * @param  string|null  $requirement  its id; null for a form
     */
    public function __construct(public string $group, public string $name, public string $about, public ?string $form, public ?string $requirement) {}
}
