<?php

declare(strict_types=1);

namespace App\Pages\Registers\Forms;

use App\Pages\Controls\Choice;
use App\Pages\Controls\Line;
use App\Pages\Controls\Option;
use Juramen\Points\Registers;
use Juramen\Register\Language;
use Juramen\Register\LegalBasis;
use Juramen\Register\Purpose;

/** The controls of a purpose. */
final readonly class PurposeForm
{
    private const AS_HOUSE = 'the time that the house sets';

    /** @param  list<PurposeLines>  $languages */
    private function __construct(
        public string $controller, public Choice $basis, public Choice $measures, public Choice $refresh, public Choice $retention, public array $languages
    ) {}

    public static function of(Purpose $purpose, Registers $registers): self
    {
        $bases = [];
        foreach (LegalBasis::cases() as $basis) {
            $bases[$basis->value] = $basis->says();
        }

        return new self(
            $registers->controller($purpose->controller)->name,
            new Choice('basis', 'Legal basis', Option::all($bases, [$purpose->basis->value])),
            Choice::yesNo('measures', 'Are opens and clicks measured?', $purpose->measures, 'measured', 'not measured'),
            new Choice('refresh-months', 'Refresh period', Months::options([6, 12, 18, 24, 36], $purpose->refreshMonths, self::AS_HOUSE)),
            new Choice('retention-months', 'Retention', Months::options([6, 12, 24, 36, 60], $purpose->retentionMonths, self::AS_HOUSE)),
            array_map(static fn (Language $l): PurposeLines => new PurposeLines(
                $l->endonym(), new Line("names/{$l->value}", "It is called, {$l->endonym()}", $purpose->names->orNothing($l), 'no name'),
                new Line("contents/{$l->value}", "What comes, {$l->endonym()}", $purpose->contents->orNothing($l), 'not said'),
                new Line("rates/{$l->value}", "How often, {$l->endonym()}", $purpose->rates->orNothing($l), 'not said'),
            ), Language::cases()),
        );
    }
}
