<?php

declare(strict_types=1);

namespace Juramen\Consent;

use Juramen\Canon\ById;
use Juramen\Canon\Instant;
use Juramen\Consent\Acts\Confirmed;
use Juramen\Consent\Acts\Given;
use Juramen\Consent\Acts\NotTheirs;
use Juramen\Consent\Acts\Restored;
use Juramen\Consent\Acts\Suspended;
use Juramen\Consent\Acts\Withdrawn;
use Juramen\Register\Channel;

/**
 * The one fold that decides permission: a subject's entries, in the order of its chain, become what is permitted.
 *
 * - "given" permits at once, or waits where confirmation is needed; what was permitted before stays so meanwhile. What reaches
 *   people by their number always waits, and post holds when given (format 1 of entries: as the address did).
 * - "confirmed" permits what its journey waits for by the channel that it was confirmed through (format 1: by any); a journey that
 *   lapsed, was withdrawn, was not theirs, went to a mended address or came back waits no more.
 * - "not-theirs" also ends what its own sign-up gave without confirmation.
 * - "suspended" keeps what is permitted from being used; "restored" lifts that one suspension, and a new consent begins beside it.
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
            $ends = $entry->act instanceof Withdrawn || $entry->act instanceof Suspended || $entry->act instanceof JourneyEnd;
            $seen = $ends ? ($ahead || ! $entry->recorded->isAfter($known ?? $moment)) && ! $acted->isAfter($moment) : ! $entry->recorded->isAfter($moment);
            if ($seen) {
                $permissions = $permissions->after($entry);
            }
        }

        return $permissions;
    }

    public function after(Entry $entry): self
    {
        $act = $entry->act;
        $changed = match (true) {
            $act instanceof Given => array_map(fn (Target $t): Permission => $this->given($this->for($t), $entry, $act), $act->targets),
            $act instanceof Confirmed => $this->settled($entry, $act->journey->hex(), $act->through, null),
            $act instanceof JourneyEnd => [
                ...$act instanceof NotTheirs ? $this->takenBack($entry, $act->journey->hex()) : [],
                ...$this->settled($entry, $act->journey->hex(), $act->through, $act->reason()),
            ],
            $act instanceof Withdrawn => array_map(fn (Target $t): Permission => $this->withdrawn($this->for($t), $entry), $act->targets),
            $act instanceof Suspended => $this->suspended($entry, $act),
            $act instanceof Restored => $this->restored($entry, $act),
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

    private function given(Permission $before, Entry $entry, Given $act): Permission
    {
        if (! self::waits($before->target, $entry->format, $act)) {
            return new Permission($before->target, Reason::Agreed, $entry->recorded, [$entry], $before->pending, true);
        }
        $pending = $before->pending->with($act->journey->hex(), $entry);
        if ($before->stands()) {
            return new Permission($before->target, $before->reason, $before->since, $before->entries, $pending, $before->everAllowed);
        }

        return new Permission(
            $before->target, Reason::AwaitingConfirmation, $entry->recorded, [$entry], $pending, $before->everAllowed, $before->endedAt()
        );
    }

    /** Whether a consent to this target waits for its own confirmation. */
    private static function waits(Target $target, int $format, Given $act): bool
    {
        return match (true) {
            $format === 1, $target->channel === Channel::Email => $act->confirmationNeeded,
            default => $target->channel->isByNumber(),
        };
    }

    /** @param  ById<Entry>  $pending  what still waits */
    private function confirmed(Permission $before, Entry $given, Entry $entry, ById $pending): Permission
    {
        return new Permission($before->target, Reason::Confirmed, $entry->recorded, [$given, $entry], $pending, true);
    }

    /** @param  ById<Entry>  $pending  what still waits */
    private function ended(Permission $before, Entry $given, Entry $entry, Reason $reason, ById $pending): Permission
    {
        if ($before->stands() || $pending->count() > 0) {
            return new Permission($before->target, $before->reason, $before->since, $before->entries, $pending, $before->everAllowed);
        }

        return new Permission($before->target, $reason, $entry->act->occurred, [$given, $entry], null, $before->everAllowed, $before->endedAt());
    }

    /** @return list<Permission> that rest on a journey which was not theirs; what waits for another goes on waiting */
    private function takenBack(Entry $entry, string $journey): array
    {
        $rests = array_filter(
            $this->byTarget, static fn (Permission $p): bool => $p->stands() && ($p->entries[0]->act->journey()?->hex() ?? '') === $journey
        );

        return array_values(array_map(static fn (Permission $p): Permission => new Permission(
            $p->target, Reason::NotTheirs, $entry->act->occurred, [...$p->entries, $entry], $p->pending->drop($journey), $p->everAllowed
        ), $rests));
    }

    /** @return list<Permission> what stood, and is not used any more */
    private function suspended(Entry $entry, Suspended $act): array
    {
        $standing = array_filter(array_map($this->for(...), $act->targets), static fn (Permission $p): bool => $p->stands());

        return array_values(array_map(static fn (Permission $p): Permission => new Permission(
            $p->target, Reason::Suspended, $p->allowed() ? $entry->act->occurred : $p->since, [...$p->entries, $entry], $p->pending, $p->everAllowed
        ), $standing));
    }

    /** @return list<Permission> without this one suspension: as they stood before, where no other holds them */
    private function restored(Entry $entry, Restored $act): array
    {
        $restored = [];
        foreach (array_map($this->for(...), $act->targets) as $before) {
            $is = static fn (Entry $e): bool => $e->act instanceof Suspended && $e->act->suspension->equals($act->suspension);
            if ($before->reason !== Reason::Suspended || array_filter($before->entries, $is) === []) {
                continue;
            }
            $left = array_values(array_filter($before->entries, static fn (Entry $e): bool => ! $is($e)));
            $held = array_filter($left, static fn (Entry $e): bool => $e->act instanceof Suspended) !== [];
            $confirmed = array_filter($left, static fn (Entry $e): bool => $e->act instanceof Confirmed) !== [];
            $reason = $held ? Reason::Suspended : ($confirmed ? Reason::Confirmed : Reason::Agreed);
            $restored[] = new Permission($before->target, $reason, $held ? $before->since : $entry->recorded, $left, $before->pending, $before->everAllowed);
        }

        return $restored;
    }

    private function withdrawn(Permission $before, Entry $entry): Permission
    {
        return new Permission(
            $before->target, Reason::Withdrawn, $entry->act->occurred, [...$before->entries, $entry], null, $before->everAllowed, $before->endedAt()
        );
    }

    /**
     * @param  Reason|null  $ended  why it ended; null where it was confirmed
     * @return list<Permission> what waited for a journey, by one channel or by any
     */
    private function settled(Entry $entry, string $journey, ?Channel $through, ?Reason $ended): array
    {
        $settled = [];
        foreach ($this->byTarget as $before) {
            $given = $before->pending->get($journey);
            if ($given !== null && in_array($through, [null, $before->target->channel], true)) {
                $left = $before->pending->drop($journey);
                $settled[] = $ended === null ? $this->confirmed($before, $given, $entry, $left) : $this->ended($before, $given, $entry, $ended, $left);
            }
        }

        return $settled;
    }
}
