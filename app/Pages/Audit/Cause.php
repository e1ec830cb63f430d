<?php

declare(strict_types=1);

namespace App\Pages\Audit;

/** A requirement that is missed or asks something somewhere, and where. */
final readonly class Cause
{
    /**
     * @param  string  $forms  names of the forms
     * @param  int  $people  who agreed at those of them that are ours
     * @param  string  $first  key of the form with most people
     */
    public function __construct(
        public string $verdict, public string $word, public string $requirement, public string $name, public string $forms, public int $count,
        public int $people, public string $first
    ) {}
}
