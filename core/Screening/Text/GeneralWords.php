<?php

declare(strict_types=1);

namespace Juramen\Screening\Text;

/**
 * The words that many texts of both kinds have: names of people, lists and houses, by which one collection is told from another and which say
 * nothing of anybody else's mail, are not among them. Nor is talk of spam itself, of which the public corpus has much.
 */
final readonly class GeneralWords
{
    /** Texts of each kind in which a word has to stand. */
    private const LEAST = 8;

    /** @param  array<array-key, true>  $words */
    private function __construct(private array $words) {}

    /** @param  list<LabelledText>  $texts */
    public static function of(array $texts): self
    {
        $counts = [];
        foreach ($texts as $text) {
            foreach ($text->tokens as $token) {
                if (! self::isSign($token) && ! str_contains($token, ' ')) {
                    $counts[$token] ??= [0, 0];
                    $counts[$token][(int) $text->spam]++;
                }
            }
        }

        return new self(array_fill_keys(array_keys(array_filter($counts, static fn (array $c): bool => min($c) >= self::LEAST)), true));
    }

    /** The text with tokens alone that are signs, or made of such words. */
    public function within(LabelledText $text): LabelledText
    {
        return new LabelledText(array_values(array_filter($text->tokens, $this->keeps(...))), $text->spam);
    }

    private function keeps(string $token): bool
    {
        if (self::isSign($token)) {
            return ! str_starts_with($token, 'h:');
        }

        return array_filter(explode(' ', $token), fn (string $word): bool => ! isset($this->words[$word]) || str_contains($word, 'spam')) === [];
    }

    /** What stands out besides words, and where links lead. */
    private static function isSign(string $token): bool
    {
        return preg_match('/^(?:[#<@~]|h:)/', $token) === 1;
    }
}
