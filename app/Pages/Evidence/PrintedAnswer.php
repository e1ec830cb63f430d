<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

/** Whether something may be done now, and why. */
final readonly class PrintedAnswer
{
    public function __construct(public string $asked, public Answered $answer) {}
}
