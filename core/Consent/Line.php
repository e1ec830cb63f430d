<?php

declare(strict_types=1);

namespace Juramen\Consent;

/** One target over time: the stretches in which it waited or was permitted. */
final readonly class Line
{
    /** @param  list<Span>  $spans  in order */
    public function __construct(public Target $target, public array $spans) {}

    /** The same once its permission has become this. */
    public function turned(Permission $now): self
    {
        $at = $now->since ?? $now->entries[0]->recorded;
        $spans = $this->spans;
        $last = array_pop($spans);
        if ($last !== null) {
            $spans[] = $last->to === null ? new Span($last->reason, $last->from, $at, $now->reason) : $last;
        }
        if ($now->allowed() || $now->reason === Reason::AwaitingConfirmation) {
            $spans[] = new Span($now->reason, $at, null, null);
        }

        return new self($this->target, $spans);
    }
}
