<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

use InvalidArgumentException;

/** One line of a class: a word, or several with gaps between them. */
final readonly class Entry
{
    /** @param  non-empty-list<list<string>|null>  $words  each with its alternatives; null for a gap */
    private function __construct(public array $words) {}

    /**
     * @param  array<string, true>  $elided  what is a word of its own before an apostrophe
     *
     * @throws InvalidArgumentException where it has no words, or begins or ends with a gap
     */
    public static function parse(string $line, array $elided): self
    {
        if (strcspn($line, " -'/.\u{2019}") === strlen($line)) {
            return new self([[mb_strtolower($line)]]);
        }
        $words = [];
        foreach (preg_split('~\s+~u', mb_strtolower(strtr(trim($line), ['’' => "'"]))) ?: [] as $part) {
            if ($part === '...') {
                $words[] = null;

                continue;
            }
            foreach (explode('-', (string) preg_replace('~\be-(mail|post)~u', 'e$1', $part)) as $piece) {
                $apart = explode("'", $piece, 2);
                foreach (isset($apart[1], $elided[$apart[0]]) ? $apart : [$piece] as $word) {
                    $words[] = explode('/', $word);
                }
            }
        }
        $words = array_values(array_filter($words, static fn (?array $w): bool => $w !== ['']));
        if ($words === [] || $words[0] === null || $words[count($words) - 1] === null) {
            throw new InvalidArgumentException("\"$line\" needs words, and \"...\" only between two of them.");
        }

        return new self($words);
    }
}
