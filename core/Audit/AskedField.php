<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** Something that a form asks a visitor to fill in. */
final readonly class AskedField
{
    /** @param  string  $reason why it is asked, as said beside it or in the sheet; empty where nothing is said */
    public function __construct(public string $where, public string $label, public FieldMeaning $meaning, public bool $required, public string $reason = '') {}
}
