<?php

declare(strict_types=1);

namespace App\Pages\Controls;

/** Two colours that meet on a form, with what would mend them. */
final readonly class ContrastRow
{
    /**
     * @param  Press|null  $take  the nearest colour that is enough; null where it is already, or follows from others
     */
    public function __construct(
        public string $what, public string $front, public string $ground, public string $has, public string $needed, public bool $isEnough,
        public bool $isOpen, public ?Press $take
    ) {}
}
