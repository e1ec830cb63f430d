<?php

declare(strict_types=1);

namespace App\Pages\Audit;

use App\Models\Assignment;
use App\Models\User;
use App\Pages\Controls\Option;
use App\Queries\Audit\Answers;
use App\Queries\Audit\ExposedPeople;
use Juramen\Audit\AuditChange;
use Juramen\Audit\AuditChangeKind;
use Juramen\Audit\AuditComparison;
use Juramen\Audit\AuditedFinding;
use Juramen\Audit\AuditedForm;
use Juramen\Audit\AuditedKind;

/** What was found on one form, all of it or of one requirement. */
final readonly class FoundView
{
    /**
     * @param  string  $people  how many agreed there; empty for a form from elsewhere
     * @param  list<FindingView>  $findings  what was answered last
     * @param  list<Option>  $menders  to whom whoever looks may give it to mend
     * @param  list<AssignedView>  $gone  what somebody is to mend there and is found no more
     * @param  list<SuspensionView>  $suspensions  that hold there
     * @param  string|null  $point  its slug, where people agreed there, so that it can be suspended
     * @param  string|null  $requirement  only of this one, by its name; null for all
     */
    private function __construct(
        public string $form, public string $name, public string $state, public string $people, public string $href, public string $opens,
        public array $findings, public ?string $requirement, public array $menders, public string $today, public array $gone,
        public array $suspensions, public ?string $point
    ) {}

    public static function of(
        AuditedForm $form, string $requirement, Answers $answers, ExposedPeople $people, ?AuditComparison $since, User $reader
    ): self {
        $new = array_map(static fn (AuditChange $c): string => $c->form->key().$c->finding->digest()->hex(), $since?->of(AuditChangeKind::New) ?? []);
        $found = $requirement === '' ? $form->findings : $form->findingsOf($requirement);
        $views = array_map(static fn (AuditedFinding $f): FindingView => FindingView::of(
            $f, $answers->to($form, $f), in_array($form->key().$f->digest()->hex(), $new, true),
            AssignedView::of($answers->assigned($form, $f), $answers->today(), $reader)
        ), $found);
        usort($views, static fn (FindingView $a, FindingView $b): int => ($a->answered !== null) <=> ($b->answered !== null));
        $isPoint = $form->kind === AuditedKind::Point;
        $count = $isPoint ? $people->at($form->id) : 0;

        return new self(
            $form->key(), $form->name, $form->state, $isPoint ? match ($count) {
                0 => 'nobody has agreed there', 1 => '1 person agreed there', default => number_format($count).' people agreed there'
            } : '', $isPoint ? route('points.sheet', $form->id) : route('audit.form', $form->id), $isPoint ? 'Mend on the sheet' : 'Look at the form', $views,
            $requirement === '' ? null : Grid::named($requirement), AssignedView::whoMay($reader), $answers->today()->text,
            array_values(array_filter(array_map(
                static fn (Assignment $a): ?AssignedView => AssignedView::of($a, $answers->today(), $reader), $answers->gone($form)
            ))),
            $isPoint ? SuspensionView::at($form->id, $reader) : [], $count > 0 ? $form->id : null
        );
    }
}
