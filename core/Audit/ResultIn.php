<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Register\Language;

/** A result of judging in one language. */
final readonly class ResultIn
{
    public function __construct(public Language $language, public Result $result) {}
}
