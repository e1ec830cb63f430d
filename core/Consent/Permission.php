<?php

declare(strict_types=1);

namespace Juramen\Consent;

use Juramen\Canon\ById;
use Juramen\Canon\Instant;

/** The answer to "may we use this address for this purpose by this channel, and why?" */
final readonly class Permission
{
    /** @var ById<Entry> */
    public ById $pending;

    /**
     * @param  Instant|null  $since  when this state began; null where nothing was ever asked
     * @param  list<Entry>  $entries  the entries that led to it, in order
     * @param  ById<Entry>|null  $pending  consents that wait for confirmation, by journey; null where none does
     * @param  bool  $everAllowed  whether the address might be used at any time up to now
     * @param  Instant|null  $ended  when it last stood until, where something has come behind that end; null else
     */
    public function __construct(
        public Target $target,
        public Reason $reason = Reason::NeverAsked,
        public ?Instant $since = null,
        public array $entries = [],
        ?ById $pending = null,
        public bool $everAllowed = false,
        private ?Instant $ended = null,
    ) {
        $this->pending = $pending ?? ById::none();
    }

    public function allowed(): bool
    {
        return $this->reason->allows();
    }

    /** Whether it rests on a consent that has not ended, though it may be suspended. */
    public function stands(): bool
    {
        return $this->allowed() || $this->reason === Reason::Suspended;
    }

    /**
     * When a consent last ended; null while one stands, or where none ever did. A sign-up behind it that nobody confirmed, which anybody may send,
     * moves it not.
     */
    public function endedAt(): ?Instant
    {
        return $this->ended ?? ($this->everAllowed && ! $this->stands() ? $this->since : null);
    }

    /** Whether anything waits for confirmation. */
    public function waits(): bool
    {
        return $this->pending->count() > 0;
    }

    public function equals(self $other): bool
    {
        $ids = static fn (self $p): array => [
            $p->target->key(), $p->reason, $p->since?->text(), $p->endedAt()?->text(),
            array_map(static fn (Entry $e): string => $e->id->hex(), $p->entries),
            $p->pending->ids(),
        ];

        return $ids($this) === $ids($other);
    }
}
