<?php

declare(strict_types=1);

namespace App\Pages\Audit;

use App\Models\TakenAudit;
use App\Pages\Controls\Option;
use App\Support\Moments;
use Juramen\Audit\AuditChange;
use Juramen\Audit\AuditChangeKind;
use Juramen\Audit\AuditComparison;
use Juramen\Audit\Requirements;

/** An audit as it was taken, beside another. */
final readonly class TakenPage
{
    /**
     * @param  Grid  $grid  as it was then
     * @param  list<Option>  $others  to compare it with
     * @param  list<ChangeGroup>  $changes  what became of findings from the earlier to the later
     */
    private function __construct(
        public TakenRow $row, public Grid $grid, public array $others, public string $with, public string $sum, public array $changes
    ) {}

    public static function of(TakenAudit $taken, string $with): self
    {
        $others = TakenAudit::query()->select('id', 'taken_at')->where('id', '!=', $taken->id)->orderByDesc('id')->get();
        $other = $others->firstWhere('id', (int) $with) ?? $others->firstWhere(static fn (TakenAudit $a): bool => $a->id < $taken->id);
        $audit = $taken->audit();
        $beside = $other === null ? null : TakenAudit::query()->findOrFail($other->id);
        $comparison = match (true) {
            $beside === null => null,
            $beside->id < $taken->id => AuditComparison::between($beside->audit(), $audit),
            default => AuditComparison::between($audit, $beside->audit()),
        };

        return new self(
            TakenRow::of($taken, $audit), Grid::of($audit, Requirements::groups(), null),
            Option::all(
                $others->mapWithKeys(static fn (TakenAudit $a): array => [$a->id => "audit $a->id, ".Moments::day($a->taken_at)])->all(), [(string) $other?->id]
            ),
            $beside === null ? '' : "audit $beside->id, ".Moments::day($beside->taken_at), $comparison === null ? '' : AuditPage::sum($comparison),
            $comparison === null ? [] : self::groups($comparison)
        );
    }

    /** @return list<TakenRow> the newest first */
    public static function all(): array
    {
        return array_values(TakenAudit::query()->with('user')->orderByDesc('id')->limit(100)->get()->map(
            static fn (TakenAudit $taken): TakenRow => TakenRow::of($taken, $taken->audit())
        )->all());
    }

    /** @return list<ChangeGroup> */
    private static function groups(AuditComparison $comparison): array
    {
        $groups = [];
        foreach (AuditChangeKind::cases() as $kind) {
            $rows = array_map(static fn (AuditChange $c): ChangeRow => ChangeRow::of($c), $comparison->of($kind));
            if ($rows !== []) {
                $groups[] = new ChangeGroup((string) __("office.audit-changes.$kind->value"), $rows, $kind !== AuditChangeKind::Still);
            }
        }

        return $groups;
    }
}
