<?php

declare(strict_types=1);

namespace Juramen\Points;

use InvalidArgumentException;
use Juramen\Canon\Digest;

/**
 * A form's HTML as frozen at publishing, with the places at which marks, answers and error messages go in. Slots
 * are offsets beside the bytes, not signs within them: no wording can ever be mistaken for one, and the bytes are
 * themselves the form with nothing filled in.
 */
final readonly class FrozenForm
{
    /** @param  list<Slot>  $slots in order of their offsets */
    public function __construct(public string $html, public array $slots)
    {
        $last = 0;
        foreach ($slots as $slot) {
            if ($slot->offset < $last || $slot->offset > strlen($html)) {
                throw new InvalidArgumentException("The place \"{$slot->name}\" does not lie in the frozen bytes in order.");
            }
            $last = $slot->offset;
        }
    }

    /** The name of the bytes as frozen. */
    public function digest(): Digest
    {
        return Digest::of($this->html);
    }

    /**
     * The bytes with pieces put in at their slots; pieces without a slot are left out.
     *
     * @param  list<Piece>  $pieces
     */
    public function with(array $pieces): string
    {
        $at = [];
        foreach ($pieces as $piece) {
            $at[$piece->slot] = $piece->html;
        }
        [$out, $from] = ['', 0];
        foreach ($this->slots as $slot) {
            $out .= substr($this->html, $from, $slot->offset - $from).($at[$slot->name] ?? '');
            $from = $slot->offset;
        }

        return $out.substr($this->html, $from);
    }
}
