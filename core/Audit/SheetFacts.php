<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** What is known of a sheet besides the form that it makes. */
final readonly class SheetFacts
{
    /**
     * @param  list<string>  $countries  ISO 3166-1 codes of where visitors come from; empty where unknown, which counts as the strictest
     * @param  array<string, string>  $missingTexts  place of a text that is missing in a language offered, to that language's own name
     */
    public function __construct(
        public string $controller,
        public bool $doubleOptIn,
        public bool $houseDemandsDoubleOptIn,
        public array $countries,
        public array $missingTexts,
    ) {}
}
