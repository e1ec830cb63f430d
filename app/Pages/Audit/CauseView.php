<?php

declare(strict_types=1);

namespace App\Pages\Audit;

use App\Models\User;
use App\Pages\Controls\Option;
use App\Queries\Audit\Answers;
use App\Queries\Audit\ExposedPeople;
use Juramen\Audit\Audit;
use Juramen\Audit\AuditedKind;
use Juramen\Audit\Requirements;
use Juramen\Audit\Verdict;

/** What one requirement found on all forms, to be answered together. */
final readonly class CauseView
{
    /**
     * @param  list<CauseForm>  $forms  those that nobody has answered
     * @param  list<Option>  $menders  to whom whoever looks may give it to mend
     * @param  bool  $isQuestion  whether all of it is for a person to say
     */
    private function __construct(
        public string $requirement, public string $name, public string $title, public string $asks, public array $forms, public bool $isQuestion,
        public array $menders, public string $today
    ) {}

    public static function of(string $requirement, Audit $audit, Answers $answers, ExposedPeople $people, User $reader): ?self
    {
        $known = Requirements::find($requirement);
        if ($known === null) {
            return null;
        }
        [$forms, $asks, $question] = [[], '', true];
        foreach ($audit->forms as $form) {
            foreach ($form->findingsOf($requirement) as $finding) {
                if ($finding->excepted || $answers->to($form, $finding) !== null) {
                    continue;
                }
                $count = $form->kind === AuditedKind::Point ? $people->at($form->id) : 0;
                $forms[] = new CauseForm(
                    "{$form->key()}|{$finding->digest()->hex()}", $form->key(), $form->name, $finding->says, $count === 0 ? '' : number_format($count),
                    (string) AssignedView::of($answers->assigned($form, $finding), $answers->today(), $reader)?->says
                );
                $question = $question && $finding->verdict === Verdict::Open;
                $asks = $asks === '' ? $finding->mend : $asks;
            }
        }

        return new self(
            $requirement, Grid::named($requirement), $known->title(), $asks, $forms, $question, AssignedView::whoMay($reader), $answers->today()->text
        );
    }
}
