<?php

declare(strict_types=1);

namespace App\Pages\Registers;

/** Something that hangs together with a record. */
final readonly class RelatedLink
{
    public function __construct(public string $name, public string $link, public string $remark = '') {}
}
