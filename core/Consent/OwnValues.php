<?php

declare(strict_types=1);

namespace Juramen\Consent;

use Juramen\Consent\Acts\Confirmed;
use Juramen\Consent\Acts\Given;

/**
 * Which entries' personal values are the person's own. Anybody can type an address: what was typed with one that is known shows nowhere,
 * and is used for nothing, until whoever has the inbox, or the number, has confirmed it. Where nothing of a person is confirmed yet, what was
 * typed is all there is.
 */
final readonly class OwnValues
{
    /** @param  array<string, true>  $unconfirmed  ids of entries in hex */
    private function __construct(private array $unconfirmed, private bool $known) {}

    /** @param  iterable<Entry>  $chain  of one subject, in order */
    public static function of(iterable $chain): self
    {
        [$waiting, $unconfirmed, $known] = [[], [], false];
        foreach ($chain as $entry) {
            $act = $entry->act;
            if ($act instanceof Given && ! self::isSettled($act)) {
                $unconfirmed[$entry->id->hex()] = true;
                $waiting[$act->journey->hex()] = $entry->id->hex();
            } elseif ($act instanceof Confirmed) {
                unset($unconfirmed[$waiting[$act->journey->hex()] ?? '']);
                $known = true;
            }
            $known = $known || ($act instanceof Given && self::isSettled($act));
        }

        return new self($unconfirmed, $known);
    }

    /** Whether what an entry holds may be shown and used. */
    public function has(Entry $entry): bool
    {
        return $this->hasId($entry->id->hex());
    }

    /** @param  string  $entry  id in hex */
    public function hasId(string $entry): bool
    {
        return ! $this->known || ! isset($this->unconfirmed[$entry]);
    }

    /** Whether something of it holds as given, and nobody has to confirm it. */
    private static function isSettled(Given $act): bool
    {
        return ! $act->confirmationNeeded
            && array_filter($act->targets, static fn (Target $t): bool => Through::of($t->channel) === Through::Mail) !== [];
    }
}
