<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Support\Moments;
use Juramen\Register\AppliedRule;
use Juramen\Register\Demand;
use Juramen\Register\Rule;

/** What applies of one rule at one point, in the table of points by rules. */
final readonly class RuleCell
{
    /**
     * @param  string  $origin  "house", "regime" or "departure"
     * @param  string  $from  where it comes from, in a few words
     * @param  bool  $defies  whether it is not what the law of its visitors demands
     */
    private function __construct(
        public string $rule, public string $title, public string $says, public string $origin, public string $from, public bool $defies
    ) {}

    public static function of(AppliedRule $applied): self
    {
        $own = $applied->departure;
        $demands = implode(', ', array_map(static fn (Demand $d): string => $d->regime->name(), $applied->demands));

        return new self(
            $applied->rule->value, $applied->rule->title(), self::short($applied), $applied->origin(),
            $own !== null ? "departs: {$own->reason} ({$own->by}, ".Moments::plain($own->on).')' : ($demands ?: 'house'),
            $own !== null && $applied->defiesRegime(),
        );
    }

    private static function short(AppliedRule $applied): string
    {
        $value = $applied->value;

        return match ($applied->rule) {
            Rule::DoubleOptIn, Rule::Screening => $value ? 'yes' : 'no',
            Rule::LapseDays => $value.($value === 1 ? ' day' : ' days'),
            Rule::ReminderDays => $value === 0 ? 'none' : "after $value",
            Rule::KeepNetwork => $value ? 'truncated' : 'nothing',
            Rule::GiftWithout => $value ? 'to all' : 'for a yes',
        };
    }
}
