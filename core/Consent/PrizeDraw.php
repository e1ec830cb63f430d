<?php

declare(strict_types=1);

namespace Juramen\Consent;

use InvalidArgumentException;
use Juramen\Canon\Digest;
use Juramen\Canon\Id;

/**
 * Draws a winner so that anybody can check it afterwards: the seed's digest is an entry before anybody takes part, the digest of all that
 * take part another when it closes, and the seed is revealed when it is drawn. Neither can be chosen to suit the other.
 */
final class PrizeDraw
{
    public const SEED_BYTES = 32;

    /** What is entered at the start. */
    public static function commitment(string $seed): Digest
    {
        return Digest::of($seed);
    }

    /**
     * What is entered at the end: SHA-256 of the ids in hex, in their order, a line each.
     *
     * @param  list<Id>  $entries  random ids, which say nothing of anybody
     */
    public static function digestOf(array $entries): Digest
    {
        return Digest::of(implode('', array_map(static fn (Id $id): string => $id->hex()."\n", self::ordered($entries))));
    }

    /**
     * The entry of the number that HMAC-SHA-256 gives, with the seed as key, over the entries' digest and a counter (8 bytes, from 0): its first
     * 63 bits, divided by the count, where they do not fall into the last, shorter stretch; else the next counter.
     *
     * @param  list<Id>  $entries
     *
     * @throws InvalidArgumentException where nobody takes part
     */
    public static function winner(string $seed, array $entries): Id
    {
        $ordered = self::ordered($entries);
        $count = count($ordered);
        $digest = self::digestOf($entries);
        if ($count === 0) {
            throw new InvalidArgumentException('Nobody takes part.');
        }
        for ($counter = 0; ; $counter++) {
            /** @var array{1: int} $drawn */
            $drawn = unpack('J', substr(hash_hmac('sha256', $digest->bytes.pack('J', $counter), $seed, true), 0, 8));
            $number = $drawn[1] & PHP_INT_MAX;
            if ($number < PHP_INT_MAX - PHP_INT_MAX % $count) {
                return $ordered[$number % $count];
            }
        }
    }

    /**
     * @param  list<Id>  $entries
     * @return list<Id>
     */
    private static function ordered(array $entries): array
    {
        usort($entries, static fn (Id $a, Id $b): int => strcmp($a->bytes, $b->bytes));

        return $entries;
    }
}
