<?php

declare(strict_types=1);

namespace App\Pages\Registers;

/** Words outside a statement that still say what it asked for before. */
final readonly class SaidElsewhere
{
    /** @param  string  $where  "The purpose voyage news", and $link its address */
    public function __construct(public string $where, public string $link, public string $language, public string $says) {}
}
