<?php

declare(strict_types=1);

namespace App\Actions\Points;

use App\Support\VisitorWords;
use Juramen\Audit\Judgement;
use Juramen\Points\Registers;
use Juramen\Points\Sheet;

/** Asks all requirements what they say of a sheet. */
final class JudgeSheet
{
    public function __invoke(Sheet $sheet, Registers $registers): Judgement
    {
        return Judgement::ofSheet($sheet, $registers, VisitorWords::form(...));
    }
}
