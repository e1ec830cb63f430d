<?php

declare(strict_types=1);

namespace App\Pages\Audit;

use App\Queries\Audit\Answers;
use Juramen\Audit\Audit;
use Juramen\Audit\AuditedFinding;
use Juramen\Audit\AuditedForm;
use Juramen\Audit\Requirement;
use Juramen\Audit\RequirementGroup;

/** Forms by requirements. Few forms stand side by side, so that requirements can be read; many stand one below the other. */
final readonly class Grid
{
    /** Forms up to which they stand side by side. */
    private const SIDE_BY_SIDE = 12;

    /**
     * @param  list<GridHead>  $columns
     * @param  list<GridRow>  $rows
     */
    private function __construct(public array $columns, public array $rows, public bool $formsAcross) {}

    /** @param  list<RequirementGroup>  $groups */
    public static function of(Audit $audit, array $groups, ?Answers $answers): self
    {
        $forms = array_map(
            static fn (AuditedForm $f): GridHead => new GridHead('', $f->name, trim("$f->controller, $f->state", ', '), $f->key(), null), $audit->forms
        );
        $requirements = [];
        foreach ($groups as $group) {
            foreach ($group->requirements as $n => $requirement) {
                $requirements[] = new GridHead($n === 0 ? $group->title : '', self::named($requirement->id()), $requirement->title(), null, $requirement->id());
            }
        }
        $across = count($forms) <= self::SIDE_BY_SIDE;
        [$columns, $heads] = $across ? [$forms, $requirements] : [$requirements, $forms];
        $cells = [];
        foreach ($audit->forms as $form) {
            foreach ($requirements as $requirement) {
                $cells["{$form->key()} $requirement->requirement"] = self::cell($form, (string) $requirement->requirement, $answers);
            }
        }
        $rows = array_map(static fn (GridHead $row): GridRow => new GridRow($row, array_map(
            static fn (GridHead $column): GridCell => $cells[($row->form ?? $column->form).' '.($row->requirement ?? $column->requirement)], $columns
        )), $heads);

        return new self($columns, $rows, $across);
    }

    private static function cell(AuditedForm $form, string $requirement, ?Answers $answers): GridCell
    {
        $verdict = $form->standing($requirement);
        $found = $form->findingsOf($requirement);
        $open = array_filter($found, static fn (AuditedFinding $f): bool => ! $f->excepted && $answers?->to($form, $f) === null);
        $answered = $found !== [] && $open === [];
        $word = (string) __('office.verdicts.'.($verdict === null ? 'not-asked' : $verdict->value));

        return new GridCell(
            $verdict, "$form->name, ".self::named($requirement).": $word".($answered ? ', answered' : ''), $form->key(), $requirement, $answered
        );
    }

    /** What a requirement is called in a list; asked for each of thousands of cells, and looked up once. */
    public static function named(string $requirement): string
    {
        /** @var array<string, string> $names */
        static $names = [];

        return $names[$requirement] ??= (string) __("requirements.$requirement.name");
    }
}
