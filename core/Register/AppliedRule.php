<?php

declare(strict_types=1);

namespace Juramen\Register;

/** Which value of a rule applies to a signup point, and why: the house's, a regime's, or the point's own with its reason. */
final readonly class AppliedRule
{
    /** @param  list<Demand>  $demands  of regimes that settle this rule, whichever value applies */
    private function __construct(public Rule $rule, public bool|int $value, public bool|int $house, public array $demands, public ?Departure $departure) {}

    /**
     * @param  list<Departure>  $departures
     * @return list<self> one for each rule
     */
    public static function all(HouseRules $house, Audience $audience, array $departures): array
    {
        $demands = array_merge([], ...array_map(static fn (Regime $r): array => $r->demands(), $audience->regimes()));

        return array_map(static function (Rule $rule) use ($house, $demands, $departures): self {
            $settle = array_values(array_filter($demands, static fn (Demand $d): bool => $d->rule === $rule && $d->value !== null));
            $own = array_values(array_filter($departures, static fn (Departure $d): bool => $d->rule === $rule))[0] ?? null;
            $default = $house->points->value($rule);

            return new self($rule, $own->value ?? $settle[0]->value ?? $default, $default, $settle, $own);
        }, Rule::cases());
    }

    /** Whether the point's own rule is not what the law of its visitors demands. */
    public function defiesRegime(): bool
    {
        return array_filter($this->demands, fn (Demand $d): bool => $d->value !== $this->value) !== [];
    }

    /** The reason in words: "house", "Germany (BGH ...)", or the departure's own. */
    public function why(): string
    {
        if ($this->departure !== null) {
            $who = trim("{$this->departure->by} {$this->departure->on}");

            return 'a departure'.($who === '' ? '' : " ($who)").': '.$this->departure->reason;
        }
        $demanded = implode('; ', array_map(static fn (Demand $d): string => "{$d->regime->name()} ({$d->source})", $this->demands));

        return $demanded === '' ? 'the house rule' : $demanded.' demands it'.($this->house === $this->value ? ', and so does the house rule' : '');
    }

    public function origin(): string
    {
        return match (true) {
            $this->departure !== null => 'departure',
            $this->demands !== [] => 'regime',
            default => 'house',
        };
    }
}
