<?php

declare(strict_types=1);

namespace App\Pages\Audit;

use App\Models\ForeignForm;
use App\Models\ForeignReading;
use App\Queries\Audit\AuditNow;
use App\Queries\Audit\ForeignChanges;
use App\Queries\Registers\RegistersInForce;
use App\Support\Moments;
use Juramen\Audit\AuditedFinding;
use Juramen\Audit\Verdict;

/** Forms from elsewhere, and the way to bring another. */
final readonly class FormsPage
{
    /**
     * @param  list<FormRow>  $rows
     * @param  int  $away  how many were put away
     */
    private function __construct(public array $rows, public int $away, public string $words) {}

    public static function of(string $words, bool $away, AuditNow $now, ForeignChanges $changes, RegistersInForce $inForce): self
    {
        $changed = array_map(static fn (ForeignReading $r): int => $r->foreign_form_id, $changes->unseen());
        $query = ForeignForm::query()->with('newest', 'mail', 'controller', 'point')->byName();
        $all = ($away ? $query->whereNotNull('put_away_at') : $query->whereNull('put_away_at'))->get()
            ->filter(static fn (ForeignForm $f): bool => $words === '' || mb_stripos("$f->name $f->address", $words) !== false);

        return new self(array_values($all->map(static function (ForeignForm $form) use ($now, $changed, $inForce): FormRow {
            $audited = $now->foreign($form);
            $count = static fn (Verdict $v): int => count(array_filter($audited->findings, static fn (AuditedFinding $f): bool => $f->verdict === $v));

            return new FormRow(
                $form->slug, $form->name, $form->address, $form->point === null ? '' : $inForce->nameOf($form->point->slug),
                $form->newest === null ? '' : Moments::day($form->newest->read_at), $form->watched,
                in_array($form->id, $changed, true) ? 'changed by itself' : '',
                $count(Verdict::Breach), $count(Verdict::Weakness), $count(Verdict::Open)
            );
        })->all()), ForeignForm::query()->whereNotNull('put_away_at')->count(), $words);
    }
}
