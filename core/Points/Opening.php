<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\Day;
use Juramen\Canon\DraftRefusal;
use Juramen\Canon\Refused;

/** From which day to which a form takes anything; both belong to it. */
final readonly class Opening
{
    /**
     * @param  Day|null  $first  null where it takes things from its publishing on
     * @param  Day|null  $last  null where it has no end
     */
    private function __construct(public ?Day $first, public ?Day $last) {}

    /** What is no day is none: whether it may be written, the schema says. */
    public static function read(string $first, string $last): self
    {
        $day = static fn (string $text): ?Day => preg_match('/^\d{4}-\d{2}-\d{2}$/D', $text) === 1 ? Day::parse($text) : null;

        return new self($day($first), $day($last));
    }

    /** @throws Refused where it ends before it begins */
    public function check(): void
    {
        if ($this->first !== null && $this->last !== null && $this->first->isAfter($this->last)) {
            throw Refused::because(DraftRefusal::EndsBeforeItBegins, first: $this->first->text, last: $this->last->text);
        }
    }

    public function isBefore(Day $today): bool
    {
        return $this->last !== null && $today->isAfter($this->last);
    }

    public function isAfter(Day $today): bool
    {
        return $this->first !== null && $this->first->isAfter($today);
    }
}
