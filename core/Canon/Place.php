<?php

declare(strict_types=1);

namespace Juramen\Canon;

/**
 * The way to one place of a document, by names and ids: "title/de", "fields/phone/label/en". It never goes by positions, so it means the
 * same after something was moved or removed. Parsed and printed here alone.
 */
final readonly class Place
{
    private const STEP = '/^[A-Za-z0-9]{1,64}(?:-[A-Za-z0-9]{1,64})*$/D';

    private const DEEPEST = 8;

    /** @param  non-empty-list<string>  $steps */
    private function __construct(public array $steps) {}

    /** @throws Refused where a step is no name, or there is none */
    public static function of(string|Slug ...$steps): self
    {
        return self::parse(implode('/', $steps));
    }

    /**
     * @param  string  $text  such as "fields/phone/label/en"
     *
     * @throws Refused
     */
    public static function parse(string $text): self
    {
        $steps = explode('/', $text, self::DEEPEST + 1);
        foreach ($steps as $step) {
            if (preg_match(self::STEP, $step) !== 1) {
                throw Refused::because(DraftRefusal::UnknownPlace);
            }
        }

        return count($steps) > self::DEEPEST ? throw Refused::because(DraftRefusal::UnknownPlace) : new self($steps);
    }

    public function text(): string
    {
        return implode('/', $this->steps);
    }

    /** A place within this one. */
    public function in(string|Slug ...$steps): self
    {
        return self::of(...$this->steps, ...$steps);
    }

    /** What this place lies in; null at the top. */
    public function up(): ?self
    {
        $steps = array_slice($this->steps, 0, -1);

        return $steps === [] ? null : new self($steps);
    }

    public function first(): string
    {
        return $this->steps[0];
    }

    public function last(): string
    {
        return $this->steps[count($this->steps) - 1];
    }

    public function equals(self $other): bool
    {
        return $this->steps === $other->steps;
    }

    /** Whether it is that place or lies in it. */
    public function liesIn(self $outer): bool
    {
        return array_slice($this->steps, 0, count($outer->steps)) === $outer->steps;
    }
}
