<?php

declare(strict_types=1);

namespace App\Pages\Audit;

use App\Models\TakenAudit;
use App\Models\User;
use App\Pages\Controls\Option;
use App\Queries\Audit\Answers;
use App\Queries\Audit\AuditFilter;
use App\Queries\Audit\AuditNow;
use App\Queries\Audit\ExposedPeople;
use App\Support\Moments;
use Juramen\Audit\Audit;
use Juramen\Audit\AuditChangeKind;
use Juramen\Audit\AuditComparison;
use Juramen\Audit\AuditedFinding;
use Juramen\Audit\AuditedForm;
use Juramen\Audit\AuditedKind;
use Juramen\Audit\Requirements;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;

/** The grid with its margin: one form's findings, or what is to be decided of all, one line a cause. */
final readonly class AuditPage
{
    /** Forms of a cause that are named. */
    private const NAMED = 7;

    /**
     * @param  int  $folded  requirements with nothing to decide
     * @param  list<Cause>  $causes
     * @param  list<Option>  $controllers
     * @param  list<Option>  $sources
     * @param  list<Option>  $verdicts
     * @param  string  $counted  when what was done was counted
     */
    private function __construct(
        public string $state, public string $since, public ?int $last, public Grid $grid, public int $folded, public AuditFilter $filter, public array $causes,
        public ?FoundView $found, public ?CauseView $cause, public array $controllers, public array $sources, public array $verdicts, public int $forms,
        public string $counted
    ) {}

    public static function of(
        AuditNow $now, AuditFilter $filter, string $form, string $requirement, Answers $answers, ExposedPeople $people, User $reader
    ): self {
        $whole = $now();
        $audit = $filter->over($whole);
        $last = TakenAudit::query()->orderByDesc('id')->first();
        $since = $last === null ? null : AuditComparison::between($last->audit(), $whole);
        $groups = $filter->groups($audit);
        $shown = array_sum(array_map(static fn ($g): int => count($g->requirements), $groups));
        $chosen = array_values(array_filter($audit->forms, static fn (AuditedForm $f): bool => $f->key() === $form))[0] ?? null;
        $controllers = array_values(array_unique(array_filter(array_map(static fn (AuditedForm $f): string => $f->controller, $whole->forms))));

        return new self(
            count($whole->forms).' '.(count($whole->forms) === 1 ? 'form' : 'forms').', '.count(Requirements::all()).' requirements, catalogue '
                .$whole->catalogue->short(),
            $last === null || $since === null ? 'no audit has been taken yet' : 'since '.Moments::day($last->taken_at).': '.self::sum($since),
            $last?->id, Grid::of($audit, $groups, $answers), count(Requirements::all()) - $shown, $filter, self::causes($audit, $answers, $people),
            $chosen === null ? null : FoundView::of($chosen, $requirement, $answers, $people, $since, $reader),
            $chosen === null && $requirement !== '' ? CauseView::of($requirement, $audit, $answers, $people, $reader) : null,
            Option::all(['' => 'any controller', ...array_combine($controllers, $controllers)], [$filter->controller]),
            Option::all(['' => 'any source', ...self::sources()], [$filter->source === null ? '' : $filter->source->value]),
            Option::all(
                ['' => 'any verdict', 'breach' => 'breaches', 'weakness' => 'weaknesses', 'open' => 'questions'],
                [$filter->verdict === null ? '' : $filter->verdict->value]
            ),
            count($audit->forms), Moments::minute($now->done()->when)
        );
    }

    public static function sum(AuditComparison $since): string
    {
        $parts = [];
        foreach ([[AuditChangeKind::New, 'new'], [AuditChangeKind::Worse, 'worse'], [AuditChangeKind::Mended, 'mended']] as [$kind, $word]) {
            $count = $since->count($kind);
            $parts[] = $count === 0 ? '' : "$count $word";
        }

        return implode(', ', array_filter($parts)) ?: 'nothing has changed';
    }

    /** @return array<string, string> */
    private static function sources(): array
    {
        return [
            SourceKind::Law->value => 'the law', SourceKind::Case->value => 'courts and authorities', SourceKind::Guide->value => 'guidance',
            SourceKind::Ours->value => 'good practice',
        ];
    }

    /** @return list<Cause> breaches before questions, those that touch most people first; what was answered is none */
    private static function causes(Audit $audit, Answers $answers, ExposedPeople $people): array
    {
        $by = [];
        foreach ($audit->forms as $form) {
            foreach ($form->findings as $finding) {
                if (in_array($finding->verdict, [Verdict::Breach, Verdict::Open], true) && ! $finding->excepted && $answers->to($form, $finding) === null) {
                    $by["{$finding->verdict->value} $finding->requirement"][$form->key()] = [$finding, $form];
                }
            }
        }
        $causes = array_values(array_map(static function (array $where) use ($people): Cause {
            $count = static fn (AuditedForm $f): int => $f->kind === AuditedKind::Point ? $people->at($f->id) : 0;
            usort($where, static fn (array $a, array $b): int => $count($b[1]) <=> $count($a[1]));
            /** @var non-empty-list<array{AuditedFinding, AuditedForm}> $where */
            [$finding, $first] = $where[0];

            return new Cause(
                $finding->verdict->value, ucfirst((string) __("office.verdicts.{$finding->verdict->value}")), $finding->requirement,
                Grid::named($finding->requirement), self::listed(array_map(static fn (array $w): string => $w[1]->name, $where)), count($where),
                array_sum(array_map(static fn (array $w): int => $count($w[1]), $where)), $first->key()
            );
        }, $by));
        $order = static fn (Cause $c): array => [$c->verdict !== 'breach', -$c->people, -$c->count];
        usort($causes, static fn (Cause $a, Cause $b): int => $order($a) <=> $order($b));

        return $causes;
    }

    /**
     * The first of several forms by name, apart as names with commas are, and how many more there are.
     *
     * @param  non-empty-list<string>  $names
     */
    private static function listed(array $names): string
    {
        $more = count($names) - self::NAMED;

        return implode('; ', array_slice($names, 0, $more === 1 ? self::NAMED + 1 : self::NAMED)).($more > 1 ? "; and $more more" : '');
    }
}
