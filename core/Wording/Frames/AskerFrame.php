<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Names;
use Juramen\Wording\Words\Passage;

/** Who asks is named. */
final class AskerFrame implements Frame
{
    public function id(): string
    {
        return 'asker';
    }

    public function meanings(): array
    {
        return [Meaning::AskerNamed, Meaning::CompanyNamed];
    }

    public function read(Passage $passage): array
    {
        $senses = [];
        foreach ($passage->sentences as $sentence) {
            foreach (Names::in($sentence, $passage->vocabulary) as $name) {
                $words = $passage->words($sentence, $name->from, $name->to);
                $senses[] = new Sense(Meaning::CompanyNamed, $words, "{$words->words} is named.", true, $words->words);
            }
        }

        return $senses === [] ? [] : [new Sense(Meaning::AskerNamed, $senses[0]->words, $senses[0]->understood, true, $senses[0]->named), ...$senses];
    }
}
