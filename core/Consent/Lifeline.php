<?php

declare(strict_types=1);

namespace Juramen\Consent;

use Juramen\Canon\ById;

/** One subscriber's permissions over time. */
final readonly class Lifeline
{
    /** @param  list<Line>  $lines  in the order first asked */
    private function __construct(public array $lines) {}

    /** @param  iterable<Entry>  $entries of one subject, in order */
    public static function of(iterable $entries): self
    {
        $lines = ById::none();
        $permissions = Permissions::none();
        foreach ($entries as $entry) {
            $before = $permissions;
            $permissions = $permissions->after($entry);
            foreach ($permissions->all() as $now) {
                $line = $lines->get($now->target->key()) ?? new Line($now->target, []);
                $lines = $lines->with($now->target->key(), $before->for($now->target)->reason === $now->reason ? $line : $line->turned($now));
            }
        }

        return new self($lines->all());
    }
}
