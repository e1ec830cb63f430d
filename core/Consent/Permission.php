<?php

declare(strict_types=1);

namespace Juramen\Consent;

use Juramen\Canon\Instant;

/** The answer to "may we use this address for this purpose by this channel, and why?" */
final readonly class Permission
{
    /**
     * @param  Instant|null  $since  when this state began; null where nothing was ever asked
     * @param  list<Entry>  $entries  the entries that led to it, in order
     * @param  array<string, Entry>  $pending  consents that wait for confirmation, by journey
     * @param  bool  $everAllowed  whether the address might be used at any time up to now
     */
    public function __construct(
        public Target $target,
        public Reason $reason = Reason::NeverAsked,
        public ?Instant $since = null,
        public array $entries = [],
        public array $pending = [],
        public bool $everAllowed = false,
    ) {}

    public function allowed(): bool
    {
        return $this->reason->allows();
    }

    public function equals(self $other): bool
    {
        $ids = static fn (self $p): array => [
            $p->target->key(), $p->reason, $p->since?->text(),
            array_map(static fn (Entry $e): string => $e->id->hex(), $p->entries),
            array_keys($p->pending),
        ];

        return $ids($this) === $ids($other);
    }
}
