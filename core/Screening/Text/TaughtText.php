<?php

declare(strict_types=1);

namespace Juramen\Screening\Text;

/** Something written about which a person decided. */
final readonly class TaughtText
{
    /**
     * @param  string  $sender  by which the same sender is known again; never an address
     * @param  list<string>  $tokens  each once, without names
     */
    private function __construct(public string $sender, public array $tokens, public bool $spam) {}

    /**
     * @param  string  $sender  by which the same sender is known again; never an address
     * @param  string  $names  that were given with it: their words are nobody else's business, and are left out
     */
    public static function of(string $sender, string $text, string $names, bool $spam): self
    {
        $own = Tokens::of($names);
        $without = array_filter(Tokens::of($text), static fn (string $token): bool => array_intersect(explode(' ', $token), $own) === []);

        return new self($sender, array_values($without), $spam);
    }
}
