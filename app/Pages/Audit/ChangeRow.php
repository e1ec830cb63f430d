<?php

declare(strict_types=1);

namespace App\Pages\Audit;

use Juramen\Audit\AuditChange;

/** A line of what became of findings from one audit to another. */
final readonly class ChangeRow
{
    private function __construct(
        public string $form, public string $requirement, public string $name, public string $verdict, public string $word, public string $says
    ) {}

    public static function of(AuditChange $change): self
    {
        $finding = $change->finding;

        return new self(
            $change->form->name, $finding->requirement, Grid::named($finding->requirement), $finding->verdict->value,
            ucfirst((string) __("office.verdicts.{$finding->verdict->value}")), $finding->says
        );
    }
}
