<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Canon\Place;
use Juramen\Points\FieldMeaning;

/** Something that a form asks a visitor to fill in. */
final readonly class AskedField
{
    /** @param  string  $reason why it is asked, as said beside it or in the sheet; empty where nothing is said */
    public function __construct(
        public Place|Selector $where, public string $label, public FieldMeaning $meaning, public bool $required, public string $reason = ''
    ) {}
}
