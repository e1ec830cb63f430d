<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

use App\Actions\Evidence\AskPermission;
use App\Actions\Evidence\ProvenChain;
use App\Support\Moments;
use Juramen\Canon\ById;
use Juramen\Canon\Instant;
use Juramen\Consent\Acts\Given;
use Juramen\Consent\Entry;
use Juramen\Consent\Permission;
use Juramen\Consent\Target;

/** What is asked about somebody: for which target, at which moment, and what the chain says of it. */
final readonly class Asking
{
    /**
     * @param  ById<Target>  $targets  everything this person was ever asked for
     * @param  non-empty-list<Instant>  $moments  two where the clocks were put back over what was typed
     * @param  bool  $understood  whether what was typed is a time; else it is asked for now
     * @param  non-empty-list<Permission>  $permissions  one for each moment
     */
    private function __construct(
        public ById $targets, public Target $target, public array $moments, public bool $understood, public array $permissions, public Instant $now
    ) {}

    /** Null where nothing was ever asked of this person. */
    public static function of(ProvenChain $proven, PersonRequest $asked, AskPermission $ask, Instant $now): ?self
    {
        $targets = self::targets($proven);
        $target = $targets->get($asked->target()) ?? $targets->first();
        if ($target === null) {
            return null;
        }
        $read = $asked->on === '' ? [$now] : Moments::read($asked->on);
        $moments = $read === [] ? [$now] : $read;

        $permissions = array_map(static fn (Instant $on): Permission => $ask($proven->entries, $target, $on, $now), $moments);

        return new self($targets, $target, $moments, $read !== [], $permissions, $now);
    }

    /** @return ById<Target> everything this person was ever asked for */
    public static function targets(ProvenChain $proven): ById
    {
        return ById::of(
            array_merge([], ...array_map(static fn (Entry $e): array => $e->act->targets(), $proven->entries)), static fn (Target $t): string => $t->key()
        );
    }

    /** The consent that the answer rests on; null where it rests on none. */
    public function consent(): ?Entry
    {
        foreach ($this->permissions[0]->entries as $entry) {
            if ($entry->act instanceof Given) {
                return $entry;
            }
        }

        return null;
    }
}
