<?php

declare(strict_types=1);

namespace App\Pages\Registers\Forms;

use App\Pages\Controls\Choice;
use App\Pages\Controls\Line;
use App\Pages\Controls\Option;
use App\Pages\Controls\Several;
use Juramen\Canon\Slug;
use Juramen\Points\Registers;
use Juramen\Points\Sentences;
use Juramen\Register\Processor;

/** The controls of a processor or recipient. */
final readonly class ProcessorForm
{
    private function __construct(
        public string $controller,
        public Line $name,
        public Choice $own,
        public Line $does,
        public Several $purposes,
        public Line $contract,
        public Line $until,
        public Choice $country,
        public Line $transfer,
    ) {}

    public static function of(Processor $processor, Registers $registers): self
    {
        $names = [];
        foreach ($registers->purposes->all() as $purpose) {
            $names[$purpose->id->text] = str_replace('-', ' ', $purpose->id->text);
        }
        $chosen = array_map(static fn (Slug $p): string => $p->text, $processor->purposes);

        return new self(
            $registers->controller($processor->controller)->name, new Line('name', 'Name', $processor->name),
            Choice::yesNo('own', 'Whose use it is', $processor->own, 'for its own use', 'and works for it under a contract'),
            new Line('does', 'What it does', $processor->does, 'does what?'),
            new Several(
                'purposes', 'Purposes', Sentences::listed(array_map(static fn (string $p): string => $names[$p] ?? $p, $chosen)), Option::all($names, $chosen)
            ),
            new Line('contract', 'Contract', $processor->contract, 'none'), new Line('until', 'End of the contract', (string) $processor->until, '', 'date'),
            ControllerForm::countries('country', 'Where the details are kept', $processor->country),
            new Line('transfer', 'Ground of the transfer', $processor->transfer, 'none given'),
        );
    }
}
