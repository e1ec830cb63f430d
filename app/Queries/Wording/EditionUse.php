<?php

declare(strict_types=1);

namespace App\Queries\Wording;

use App\Support\Tally;

/** Where one edition of a statement stood and stands, and how many people agreed to exactly its words. */
final readonly class EditionUse
{
    /**
     * @param  list<StoodAt>  $stood
     * @param  list<string>  $shownAt  points whose edition in force shows it
     * @param  Tally  $people  who agreed and, where it was needed, confirmed
     */
    public function __construct(public array $stood, public array $shownAt, public Tally $people) {}
}
