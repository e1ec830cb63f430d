<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** What was read. */
enum ReadingOf
{
    /** A form on a page, or in a fragment, that somebody else wrote. */
    case Page;
    /** A sheet of ours, by the form that it makes. */
    case Sheet;
    /** A statement of our register, as it will stand on any form. */
    case Statement;
    /** Words alone, of which nothing else is known. */
    case Words;

    /** Whether it is a whole form, with what stands around its boxes. */
    public function isForm(): bool
    {
        return $this === self::Page || $this === self::Sheet;
    }
}
