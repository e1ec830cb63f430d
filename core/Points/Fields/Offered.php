<?php

declare(strict_types=1);

namespace Juramen\Points\Fields;

use Juramen\Register\Language;

/** An answer in a list. */
final readonly class Offered
{
    /** @param  Language|null  $language  of its label, where it is not the form's */
    public function __construct(public string $value, public string $label, public ?Language $language = null) {}
}
