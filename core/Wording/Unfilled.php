<?php

declare(strict_types=1);

namespace Juramen\Wording;

use Juramen\Register\Language;

/** A placeholder that cannot be filled, and why. */
final readonly class Unfilled
{
    public function __construct(public string $name, public Language $language, public string $why) {}
}
