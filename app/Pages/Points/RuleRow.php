<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Pages\Controls\Option;
use App\Pages\Controls\PlaceId;
use App\Pages\Controls\Press;
use App\Support\Moments;
use Juramen\Register\AppliedRule;

/** A rule that applies to a sheet, and what departing from it takes. */
final readonly class RuleRow
{
    public string $id;

    /**
     * @param  string|null  $against  whose law it defies
     * @param  string|null  $departure  the point's own reason
     * @param  bool  $isNumber  whether a departure sets a number of days; else one of the options
     * @param  list<Option>  $options
     */
    private function __construct(
        public string $key,
        public string $title,
        public string $says,
        public string $why,
        public ?string $against,
        public ?string $departure,
        public string $departed,
        public bool $isNumber,
        public string $value,
        public int $least,
        public array $options,
        public ?Press $follow,
    ) {
        $this->id = PlaceId::of("departures/$key");
    }

    /** What opens the form to depart from it, or to change that. */
    public function opens(): string
    {
        return $this->departure !== null ? 'Change it' : 'Depart from “'.lcfirst($this->title).'”';
    }

    public static function of(AppliedRule $applied): self
    {
        [$rule, $own] = [$applied->rule, $applied->departure];
        $options = array_map(
            static fn (bool $value): Option => new Option(
                $value ? '1' : '0', $rule->says($value), $own !== null ? $value === $applied->value : $value !== $applied->value
            ),
            [true, false]
        );

        return new self(
            $rule->value, $rule->title(), $rule->says($applied->value), ucfirst($applied->why()).'.',
            $applied->defiesRegime() ? "against {$applied->demands[0]->regime->name()} ({$applied->demands[0]->source})" : null,
            $own?->reason, $own === null ? '' : "{$own->by}, ".Moments::plain($own->on).". The house says: {$rule->says($applied->house)}.",
            $rule->isNumber(), (string) (int) $applied->value, $rule->value === 'lapse-days' ? 1 : 0, $rule->isNumber() ? [] : $options,
            $own === null ? null
                : new Press("follow-{$rule->value}", "departures/{$rule->value}", 'Follow the house again', 'Follow the house again', 'remove'),
        );
    }
}
