<?php

declare(strict_types=1);

namespace Juramen\Register;

use Juramen\Canon\DraftRefusal;
use Juramen\Canon\Place;
use Juramen\Canon\Refused;

/** A signup point's own rule instead of the house's: never written without a reason. */
final readonly class Departure
{
    private const SHORTEST = 15;

    private const LONGEST = 500;

    /**
     * @param  string  $reason  in a sentence
     * @param  string  $by  who decided
     * @param  string  $on  the day like 2026-11-25
     */
    private function __construct(public Rule $rule, public bool|int $value, public string $reason, public string $by, public string $on) {}

    /**
     * @param  string  $key  the rule's name
     * @param  mixed  $data  as toArray() gives it
     * @return self|null null where there is no such rule, or its value is none
     */
    public static function from(string $key, mixed $data): ?self
    {
        $rule = Rule::tryFrom($key);
        $data = is_array($data) ? $data : [];
        $text = static fn (string $k): string => is_string($data[$k] ?? null) ? trim($data[$k]) : '';
        $value = $data['value'] ?? null;

        return $rule !== null
            && ($rule->isNumber() ? is_int($value) : is_bool($value)) ? new self($rule, $value, $text('reason'), $text('by'), $text('on')) : null;
    }

    /**
     * @param  string  $key  the rule's name
     *
     * @throws Refused where the value does not fit the rule, or nobody says why
     */
    public static function check(string $key, mixed $data): void
    {
        $rule = Rule::tryFrom($key)
            ?? throw Refused::because(DraftRefusal::NoSuchRule, given: $key, names: implode(', ', array_column(Rule::cases(), 'value')));
        $data = is_array($data) ? $data : [];
        $reason = is_string($data['reason'] ?? null) ? trim($data['reason']) : '';
        if (mb_strlen($reason) < self::SHORTEST || mb_strlen($reason) > self::LONGEST) {
            throw Refused::because(DraftRefusal::NoReason, least: self::SHORTEST, most: self::LONGEST);
        }
        $rule->type()->check($data['value'] ?? null, Place::of('departures', $key), lcfirst($rule->title()));
    }

    /** @return array{value: bool|int, reason: string, by: string, on: string} */
    public function toArray(): array
    {
        return ['value' => $this->value, 'reason' => $this->reason, 'by' => $this->by, 'on' => $this->on];
    }
}
