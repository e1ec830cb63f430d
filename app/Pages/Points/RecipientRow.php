<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Pages\Controls\Choice;
use App\Pages\Controls\Line;
use App\Pages\Controls\Press;
use App\Pages\Controls\Several;

/** Somebody to whom what people want with a form goes. */
final readonly class RecipientRow
{
    /**
     * @param  string  $place  in the document
     * @param  list<Press>  $presses
     */
    public function __construct(
        public string $place, public Line $address, public Choice $whole, public ?Several $languages, public ?Choice $when, public ?Several $answers,
        public array $presses
    ) {}
}
