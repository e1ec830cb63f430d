<?php

declare(strict_types=1);

namespace Juramen\Points;

use RuntimeException;

/** An answer that a field cannot take. The words, in the visitor's language, belong to whoever shows the form. */
final class AnswerRefused extends RuntimeException
{
    /**
     * @param  string  $fault  names the words: "field.missing", "email.no-at"
     * @param  int  $most  where it is too long, the longest that would be right
     * @param  int  $count  how long it is
     */
    public function __construct(public readonly string $fault, public readonly int $most = 0, public readonly int $count = 0)
    {
        parent::__construct($fault);
    }
}
