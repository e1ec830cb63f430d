<?php

declare(strict_types=1);

namespace App\Pages\Audit;

/** An audit in the list of those that were taken. */
final readonly class TakenRow
{
    public function __construct(
        public int $id, public string $day, public string $by, public string $scope, public int $forms, public int $breaches, public int $weaknesses,
        public int $open, public string $digest
    ) {}

    public function sum(): string
    {
        return "taken by $this->by: $this->forms forms, $this->breaches breaches, $this->weaknesses weaknesses, $this->open questions";
    }
}
