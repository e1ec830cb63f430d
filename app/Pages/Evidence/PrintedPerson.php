<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

/** All that is on record about one person, to be printed. */
final readonly class PrintedPerson
{
    /**
     * @param  list<PrintedAnswer>  $answers  what may be done now, for everything they were ever asked for
     * @param  list<string>  $faults  what is not as it was written; then nothing is answered
     * @param  list<ActRow>  $acts
     * @param  list<WentRow>  $went  lists and destinations
     * @param  list<ChosenAct>  $proofs  one for each act
     */
    public function __construct(
        public string $title, public string $state, public string $back, public string $printed, public array $answers, public array $faults,
        public array $acts, public array $went, public array $proofs
    ) {}
}
