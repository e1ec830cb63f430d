<?php

declare(strict_types=1);

namespace Juramen\Consent;

/** One subscriber's permissions over time: for each target the stretches in which it waited or was permitted. */
final readonly class Lifeline
{
    /** @param  array<string, array{target: Target, spans: list<Span>}>  $lines by target, in the order first asked */
    private function __construct(public array $lines) {}

    /** @param  iterable<Entry>  $entries of one subject, in order */
    public static function of(iterable $entries): self
    {
        $lines = [];
        $permissions = Permissions::none();
        foreach ($entries as $entry) {
            $before = $permissions;
            $permissions = $permissions->after($entry);
            foreach ($permissions->all() as $now) {
                $key = $now->target->key();
                $lines[$key] ??= ['target' => $now->target, 'spans' => []];
                if ($before->for($now->target)->reason !== $now->reason) {
                    $lines[$key]['spans'] = self::turn($lines[$key]['spans'], $now);
                }
            }
        }

        return new self($lines);
    }

    /**
     * @param  list<Span>  $spans
     * @return list<Span> with the last one ended, and a new one begun where something waits or is permitted
     */
    private static function turn(array $spans, Permission $now): array
    {
        $at = $now->since ?? $now->entries[0]->recorded;
        $last = array_pop($spans);
        if ($last !== null) {
            $spans[] = $last->to === null ? new Span($last->reason, $last->from, $at, $now->reason) : $last;
        }
        if ($now->allowed() || $now->reason === Reason::AwaitingConfirmation) {
            $spans[] = new Span($now->reason, $at, null, null);
        }

        return $spans;
    }
}
