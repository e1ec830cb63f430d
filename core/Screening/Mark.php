<?php

declare(strict_types=1);

namespace Juramen\Screening;

/** What came of the mark that our page carries. */
enum Mark
{
    case Ours;
    /** None came, or one of another page of ours, or from somebody else's page. */
    case Missing;
    /** What came was never sealed by us. */
    case Tampered;
}
