<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

use App\Pages\Controls\Option;
use App\Queries\Evidence\SignupFilter;
use Illuminate\Contracts\Support\Htmlable;

/** Sign-ups, as a filter finds them. */
final readonly class SignupsPage
{
    /**
     * @param  string  $found  how many of which kind, in words
     * @param  list<Option>  $states  to filter by
     * @param  list<Option>  $points  to filter by
     * @param  list<SignupRow>  $rows
     */
    public function __construct(
        public string $found, public SignupFilter $filter, public array $states, public array $points, public array $rows, public string $csv,
        public Htmlable $pages,
    ) {}
}
