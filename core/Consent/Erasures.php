<?php

declare(strict_types=1);

namespace Juramen\Consent;

use Juramen\Canon\Digest;
use Juramen\Consent\Acts\Given;

/**
 * Which personal values of a chain were deleted, as its entries say. From format 2 on an entry "erased" names each of them. In format 1
 * the lapse itself said so: of the consent it ended, or, where nothing else tied us to the person any more, of everything before it.
 */
final readonly class Erasures
{
    /** @param  array<string, true>  $gone  id of an entry and digest of a value, one behind the other, or the digest alone */
    private function __construct(private array $gone) {}

    /** @param  list<Entry>  $chain  of one subject, in order */
    public static function of(array $chain): self
    {
        $gone = [];
        foreach ($chain as $i => $entry) {
            foreach ($entry->act->gone() as $digest) {
                $gone[$digest->bytes] = true;
            }
            if ($entry->format === 1 && $entry->act->kind() === EntryKind::Lapsed) {
                $gone += self::byLapse($entry, array_slice($chain, 0, $i + 1));
            }
        }

        return new self($gone);
    }

    public function says(Entry $entry, Digest $value): bool
    {
        return isset($this->gone[$value->bytes]) || isset($this->gone[$entry->id->bytes.$value->bytes]);
    }

    /**
     * @param  list<Entry>  $chain  up to the lapse
     * @return array<string, true>
     */
    private static function byLapse(Entry $lapse, array $chain): array
    {
        $tied = array_filter(Permissions::of($chain)->all(), static fn (Permission $p): bool => $p->reason !== Reason::Lapsed) !== [];
        $gone = [];
        foreach ($chain as $entry) {
            $lapsed = $lapse->act->journey();
            if (! $tied || ($entry->act instanceof Given && $lapsed !== null && $entry->act->journey->equals($lapsed))) {
                foreach ($entry->act->personal() as $digest) {
                    $gone[$entry->id->bytes.$digest->bytes] = true;
                }
            }
        }

        return $gone;
    }
}
