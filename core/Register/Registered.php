<?php

declare(strict_types=1);

namespace Juramen\Register;

use Juramen\Canon\Document;

/** Something that stands in the registers: a controller, a purpose, a processor, a statement, or the house rules. */
interface Registered
{
    public function recordName(): RecordName;

    /** What the office calls it. */
    public function title(): string;

    public function document(): Document;
}
