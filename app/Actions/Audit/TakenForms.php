<?php

declare(strict_types=1);

namespace App\Actions\Audit;

use App\Models\ForeignForm;

/** What came of pages that were brought here. */
final readonly class TakenForms
{
    /**
     * @param  list<ForeignForm>  $forms
     * @param  list<string>  $faults  a sentence for each page of which nothing could be taken
     */
    public function __construct(public array $forms, public array $faults) {}
}
