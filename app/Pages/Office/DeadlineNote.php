<?php

declare(strict_types=1);

namespace App\Pages\Office;

use Juramen\Points\Registers;
use Juramen\Register\Controller;
use Juramen\Upkeep\DeadlineLaw;
use Juramen\Upkeep\PublicHolidays;

/** How the last day to answer is counted for one controller. */
final readonly class DeadlineNote
{
    /** @param  string  $open  what is not known and would be better known; empty where all is */
    private function __construct(public string $controller, public string $id, public string $says, public string $source, public string $open) {}

    /** @return list<self> */
    public static function all(Registers $registers): array
    {
        return array_map(static function (Controller $controller): self {
            $law = DeadlineLaw::of($controller->country);

            return new self(
                $controller->name, $controller->id->text, (string) __("office.deadlines.{$law->term()}"), $law->source(),
                PublicHolidays::in($controller->country)->remark()
            );
        }, $registers->controllers->all());
    }
}
