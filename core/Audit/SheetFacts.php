<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Register\Controller;
use Juramen\Register\Language;

/** What is known of our own sheet or statement besides the words that are shown. */
final readonly class SheetFacts
{
    /**
     * @param  list<string>  $countries  ISO 3166-1 codes of where visitors come from; empty where unknown, which counts as the strictest
     * @param  array<string, string>  $missingTexts  place of a text that is missing in a language offered, to that language's own name
     * @param  list<StatementFacts>  $statements
     * @param  list<Language>  $demandedLanguages  by the house, that are not offered
     */
    public function __construct(
        public Controller $controller,
        public bool $doubleOptIn,
        public bool $houseDemandsDoubleOptIn,
        public array $countries,
        public array $missingTexts,
        public array $statements = [],
        public array $demandedLanguages = [],
    ) {}
}
