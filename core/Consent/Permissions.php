<?php

declare(strict_types=1);

namespace Juramen\Consent;

use Juramen\Canon\Instant;
use Juramen\Register\Channel;

/**
 * The one fold that decides permission: a subject's entries, in the order of its chain, become what is permitted.
 *
 * - "given" permits at once, or waits where confirmation is needed; what was permitted before stays so meanwhile. What reaches
 *   people by their number always waits, and post holds when given (format 1 of entries: as the address did).
 * - "confirmed" permits what its journey waits for by the channel that it was confirmed through (format 1: by any); a journey that
 *   lapsed or was withdrawn waits no more.
 * - "withdrawn" ends permission and everything that waits; only a new consent begins again.
 */
final readonly class Permissions
{
    /** @param  array<string, Permission>  $byTarget */
    private function __construct(private array $byTarget) {}

    public static function none(): self
    {
        return new self([]);
    }

    /** @param  iterable<Entry>  $entries of one subject, in order */
    public static function of(iterable $entries): self
    {
        $permissions = self::none();
        foreach ($entries as $entry) {
            $permissions = $permissions->after($entry);
        }

        return $permissions;
    }

    /**
     * Permissions at a moment. By default only what was recorded by then counts. With a later $known, what became
     * known since is used too: an ending counts from when the person acted, but a consent never from before it was
     * recorded, for consent is not backdated.
     *
     * An ending that was recorded with a clock ahead of time counts from when the person acted, at the latest from now: it
     * was written, whatever the clock said. A consent with such a time counts when that time has come.
     *
     * @param  iterable<Entry>  $entries  of one subject, in order
     * @param  Instant  $now  when it is asked
     */
    public static function at(iterable $entries, Instant $moment, Instant $now, ?Instant $known = null): self
    {
        $permissions = self::none();
        foreach ($entries as $entry) {
            $ahead = $entry->recorded->isAfter($now);
            $acted = $ahead ? Instant::earlier($entry->act->occurred, $now) : $entry->act->occurred;
            $seen = match ($entry->act->kind) {
                EntryKind::Withdrawn, EntryKind::Lapsed => ($ahead || ! $entry->recorded->isAfter($known ?? $moment)) && ! $acted->isAfter($moment),
                default => ! $entry->recorded->isAfter($moment),
            };
            if ($seen) {
                $permissions = $permissions->after($entry);
            }
        }

        return $permissions;
    }

    public function after(Entry $entry): self
    {
        $act = $entry->act;
        $changed = match ($act->kind) {
            EntryKind::Given => array_map(fn (Target $t): Permission => $this->given($this->for($t), $entry), $act->targets),
            EntryKind::Confirmed => array_map(fn (Permission $p): Permission => $this->confirmed($p, $entry), $this->waitingFor($entry)),
            EntryKind::Lapsed => array_map(fn (Permission $p): Permission => $this->lapsed($p, $entry), $this->waitingFor($entry)),
            EntryKind::Withdrawn => array_map(fn (Target $t): Permission => $this->withdrawn($this->for($t), $entry), $act->targets),
            default => [],
        };
        $all = $this->byTarget;
        foreach ($changed as $permission) {
            $all[$permission->target->key()] = $permission;
        }

        return new self($all);
    }

    public function for(Target $target): Permission
    {
        return $this->byTarget[$target->key()] ?? new Permission($target);
    }

    /** @return list<Permission> for everything that was ever asked, in the order first asked */
    public function all(): array
    {
        return array_values($this->byTarget);
    }

    public function equals(self $other): bool
    {
        if (array_keys($this->byTarget) !== array_keys($other->byTarget)) {
            return false;
        }
        foreach ($this->byTarget as $key => $permission) {
            if (! $permission->equals($other->byTarget[$key])) {
                return false;
            }
        }

        return true;
    }

    private function given(Permission $before, Entry $entry): Permission
    {
        if (! self::waits($before->target, $entry)) {
            return new Permission($before->target, Reason::Agreed, $entry->recorded, [$entry], $before->pending, true);
        }
        $pending = [...$before->pending, (string) $entry->act->journey?->hex() => $entry];
        if ($before->allowed()) {
            return new Permission($before->target, $before->reason, $before->since, $before->entries, $pending, $before->everAllowed);
        }

        return new Permission($before->target, Reason::AwaitingConfirmation, $entry->recorded, [$entry], $pending, $before->everAllowed);
    }

    /** Whether a consent to this target waits for its own confirmation. */
    private static function waits(Target $target, Entry $given): bool
    {
        return match (true) {
            $given->format === 1, $target->channel === Channel::Email => $given->act->confirmationNeeded !== false,
            default => $target->channel->isByNumber(),
        };
    }

    private function confirmed(Permission $before, Entry $entry): Permission
    {
        [$given, $pending] = $this->settle($before, $entry);

        return new Permission($before->target, Reason::Confirmed, $entry->recorded, [$given, $entry], $pending, true);
    }

    private function lapsed(Permission $before, Entry $entry): Permission
    {
        [$given, $pending] = $this->settle($before, $entry);
        if ($before->allowed() || $pending !== []) {
            return new Permission($before->target, $before->reason, $before->since, $before->entries, $pending, $before->everAllowed);
        }

        return new Permission($before->target, Reason::Lapsed, $entry->act->occurred, [$given, $entry], [], $before->everAllowed);
    }

    private function withdrawn(Permission $before, Entry $entry): Permission
    {
        return new Permission($before->target, Reason::Withdrawn, $entry->act->occurred, [...$before->entries, $entry], [], $before->everAllowed);
    }

    /** @return array{Entry, array<string, Entry>} the consent that the entry's journey began with, and what still waits */
    private function settle(Permission $before, Entry $entry): array
    {
        $journey = (string) $entry->act->journey?->hex();
        $given = $before->pending[$journey];

        return [$given, array_diff_key($before->pending, [$journey => true])];
    }

    /** @return list<Permission> those that wait for the entry's journey, by the channel that the entry speaks of */
    private function waitingFor(Entry $entry): array
    {
        $journey = (string) $entry->act->journey?->hex();

        return array_values(array_filter($this->byTarget, static fn (Permission $p): bool => isset($p->pending[$journey]) && in_array($entry->act->through, [null, $p->target->channel], true)));
    }
}
