<?php

declare(strict_types=1);

namespace App\Queries\Wording;

use App\Models\Record;
use Juramen\Register\Language;

/** A statement, and in which languages it still says what it said before others were changed. */
final readonly class LeftBehind
{
    /** @param  list<Language>  $languages */
    public function __construct(public Record $statement, public array $languages) {}
}
