<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Points\MissingText;
use Juramen\Register\Controller;
use Juramen\Register\Language;

/** What is known of our own sheet or statement besides the words that are shown. */
final readonly class SheetFacts
{
    /**
     * @param  list<MissingText>  $missing  in languages offered
     * @param  list<StatementFacts>  $statements
     * @param  list<Language>  $demandedLanguages  by the house, that are not offered
     * @param  bool  $unknownIsStrict  whether the house takes the strictest rule where nobody knows where people are
     * @param  bool  $giftByLink  whether something is promised that comes by a link
     * @param  bool  $forChildren  whether somebody has said that it is aimed at children
     */
    public function __construct(
        public Controller $controller,
        public bool $doubleOptIn,
        public bool $houseDemandsDoubleOptIn,
        public array $missing,
        public array $statements,
        public array $demandedLanguages,
        public bool $unknownIsStrict = true,
        public bool $giftByLink = false,
        public bool $forChildren = false,
    ) {}
}
