<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

use Juramen\Consent\Target;
use Juramen\Points\Registers;

/** What targets are called. */
final readonly class TargetNames
{
    public function __construct(private Registers $registers) {}

    public function purpose(string $id): string
    {
        return $this->registers->purposes->get($id)?->title() ?? $id;
    }

    /** "voyage news by email" */
    public function of(Target $target): string
    {
        return $this->purpose($target->purpose).' by '.$target->channel->value;
    }
}
