<?php

declare(strict_types=1);

namespace App\Queries\Audit;

use App\Models\ForeignForm;
use App\Models\ForeignReading;
use Juramen\Audit\Reading;
use Juramen\Audit\Result;

/** A form from elsewhere with one reading of it, read and judged. */
final readonly class ReadForm
{
    /**
     * @param  Reading|null  $reading  null where the page has no such form any more
     * @param  list<Result>  $results
     */
    public function __construct(public ForeignForm $form, public ForeignReading $read, public ?Reading $reading, public array $results) {}
}
