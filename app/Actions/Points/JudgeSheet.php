<?php

declare(strict_types=1);

namespace App\Actions\Points;

use App\Models\Point;
use App\Support\VisitorWords;
use Juramen\Audit\SheetJudgement;
use Juramen\Audit\SheetReader;
use Juramen\Points\Sheet;
use Juramen\Register\Controller;
use Juramen\Register\HouseRules;

/** Asks all requirements what they say of a sheet. */
final class JudgeSheet
{
    public function __invoke(Point $point, Sheet $sheet): SheetJudgement
    {
        $owner = $point->controller;
        $reader = new SheetReader(Controller::from(json_decode($owner->document, true)), HouseRules::from(json_decode($owner->rules, true)));

        return SheetJudgement::of($sheet, $reader, VisitorWords::form(...));
    }
}
