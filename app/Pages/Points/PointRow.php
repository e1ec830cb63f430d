<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Queries\Points\PointLife;
use App\Queries\Points\PointStatus;
use App\Support\Moments;
use Juramen\Canon\Day;
use Juramen\Register\AppliedRule;
use Juramen\Register\Audience;
use Juramen\Register\Country;
use Juramen\Register\Language;
use Juramen\Register\Regime;
use Juramen\Register\Rule;

/** A signup point in the lists. */
final readonly class PointRow
{
    public const COLUMNS = ['name', 'controller', 'languages', 'confirmed', 'edition', 'findings', 'signups'];

    /** What a list of points is sorted by in a column; a rule's name stands for that rule. */
    public static function sortsBy(PointStatus $status, string $column): string|int
    {
        $draft = $status->sheet->draft;
        $rule = Rule::tryFrom($column);

        return match (true) {
            $rule !== null => (int) $status->sheet->rules->value($rule),
            $column === 'controller' => $draft->controller->text,
            $column === 'languages' => count($draft->languages),
            $column === 'confirmed' => $status->sheet->rules->doubleOptIn ? $status->sheet->rules->lapseDays : 0,
            $column === 'edition' => $status->edition ?? 0,
            $column === 'findings' => $status->breaches * 10_000 + $status->weaknesses * 100 + $status->unwritten,
            $column === 'signups' => $status->signups,
            default => $draft->name,
        };
    }

    /**
     * @param  string|null  $confirmed  by mail, and within which time; null where nobody confirms
     * @param  string  $draft  that what visitors see is not what is drafted; empty where it is
     * @param  list<RuleCell>  $rules
     * @param  string  $law  whose law applies
     */
    private function __construct(
        public string $slug,
        public string $name,
        public string $place,
        public string $languages,
        public ?string $confirmed,
        public string $controller,
        public string $countries,
        public string $edition,
        public PointLife $life,
        public string $toDo,
        public string $draft,
        public string $breaches,
        public string $weaknesses,
        public string $unwritten,
        public string $signups,
        public array $rules,
        public string $law,
        public bool $departs,
    ) {}

    /** @param  string  $controller  its name */
    public static function of(PointStatus $status, Day $today, string $controller = ''): self
    {
        $draft = $status->sheet->draft;
        $count = static fn (int $n, string $one, string $more): string => $n === 0 ? '' : "$n ".($n === 1 ? $one : $more);
        $regimes = array_map(static fn (Regime $r): string => $r->name(), Audience::from($draft->countries)->regimes());

        return new self(
            $status->point->slug, $draft->name, $draft->place, implode(', ', array_map(static fn (Language $l): string => $l->endonym(), $draft->languages)),
            $status->sheet->rules->doubleOptIn ? 'yes, within '.Rule::LapseDays->says($status->sheet->rules->lapseDays) : null,
            $controller, $draft->countries === [] ? 'anywhere' : implode(', ', array_map(static fn (Country $c): string => $c->code, $draft->countries)),
            $status->edition === null ? 'never published' : "edition {$status->edition}", $status->life($today),
            $count($status->toDo(), 'thing to do', 'things to do'),
            $status->draft ? ($status->changed ? 'draft, saved ' : 'registers changed after it; sheet saved ').Moments::exact($status->revision->saved_at) : '',
            $count($status->breaches, 'breach', 'breaches'), $count($status->weaknesses, 'weakness', 'weaknesses'),
            $count($status->unwritten, 'text to write', 'texts to write'), number_format($status->signups),
            array_map(static fn (AppliedRule $a): RuleCell => RuleCell::of($a), $status->rules),
            $draft->countries === [] ? 'unknown: the strictest' : ucfirst(implode(', ', $regimes)),
            $draft->departures !== [],
        );
    }
}
