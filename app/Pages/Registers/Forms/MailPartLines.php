<?php

declare(strict_types=1);

namespace App\Pages\Registers\Forms;

use App\Pages\Controls\Line;
use App\Pages\Controls\Option;
use Juramen\Register\Language;

/** A part of a mail, a line for each language. */
final readonly class MailPartLines
{
    /**
     * @param  list<Option>  $placeholders  that may stand in it
     * @param  list<Line>  $lines
     * @param  list<Language>  $languages  of the lines
     */
    public function __construct(public string $title, public array $placeholders, public array $lines, public array $languages) {}

    public function endonym(int $line): string
    {
        return $this->languages[$line]->endonym();
    }
}
