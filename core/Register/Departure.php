<?php

declare(strict_types=1);

namespace Juramen\Register;

/** A signup point's own rule instead of the house's: never without a written reason. */
final readonly class Departure
{
    private const SHORTEST = 15;

    private const LONGEST = 500;

    /**
     * @param  string  $reason  in a sentence, 15 to 500 characters
     * @param  string  $by  who decided
     * @param  string  $on  the day like 2026-11-25
     */
    private function __construct(public Rule $rule, public bool|int $value, public string $reason, public string $by, public string $on) {}

    /**
     * @param  mixed  $data  as toArray() gives it
     *
     * @throws InvalidRegister where the value does not fit the rule, or nobody says why
     */
    public static function from(string $key, mixed $data): self
    {
        $rule = Rule::tryFrom($key) ?? throw new InvalidRegister("\"$key\" is no rule of the house; those are ".implode(', ', array_column(Rule::cases(), 'value')).'.');
        $data = is_array($data) ? $data : [];
        $text = static fn (string $k): string => is_string($data[$k] ?? null) ? trim($data[$k]) : '';
        if (mb_strlen($text('reason')) < self::SHORTEST || mb_strlen($text('reason')) > self::LONGEST) {
            throw new InvalidRegister('A departure from the house rules needs a reason: say in a sentence ('.self::SHORTEST.' to '.self::LONGEST.' characters) why this point is different, so that somebody else understands it next year.');
        }

        return new self($rule, $rule->checked($data['value'] ?? null), $text('reason'), $text('by'), $text('on'));
    }

    /** @return array{value: bool|int, reason: string, by: string, on: string} */
    public function toArray(): array
    {
        return ['value' => $this->value, 'reason' => $this->reason, 'by' => $this->by, 'on' => $this->on];
    }
}
