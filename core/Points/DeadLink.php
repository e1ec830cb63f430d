<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\Slug;
use Juramen\Register\Language;

/** A link to terms that is empty, "#", a placeholder or malformed. None is fetched. */
final readonly class DeadLink
{
    public function __construct(public Slug $field, public Language $language, public string $address) {}
}
