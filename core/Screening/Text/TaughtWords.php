<?php

declare(strict_types=1);

namespace Juramen\Screening\Text;

/**
 * What words say at this house, by what people decided: how many senders of either kind wrote each, of those that at least five wrote. Weights are
 * those of naive Bayes over senders (see NaiveBayes), bounded, so that a few decisions outweigh nothing that was learned from thousands.
 */
final readonly class TaughtWords
{
    /** Senders below which a word is forgotten: it may be one person's. */
    private const LEAST_SENDERS = 5;

    /** Texts of each kind below which nothing is taught (ours). */
    private const LEAST_TEXTS = 5;

    private const MOST = 2.0;

    /** Of the words that say most. */
    private const KEPT = 4000;

    /** @param  array<array-key, float>  $weights */
    private function __construct(private array $weights, public int $ham, public int $spam) {}

    /** @param  list<TaughtText>  $texts */
    public static function of(array $texts): self
    {
        [$senders, $of] = [[], [[], []]];
        foreach ($texts as $text) {
            $of[(int) $text->spam][$text->sender] = true;
            foreach ($text->tokens as $token) {
                $senders[$token][(int) $text->spam][$text->sender] = true;
            }
        }
        [$ham, $spam] = [count($of[0]), count($of[1])];
        if (min($ham, $spam) < self::LEAST_TEXTS) {
            return new self([], $ham, $spam);
        }
        $weights = [];
        foreach ($senders as $token => $by) {
            if (count(($by[0] ?? []) + ($by[1] ?? [])) >= self::LEAST_SENDERS) {
                $weight = log((count($by[1] ?? []) + 1) / ($spam + 2)) - log((count($by[0] ?? []) + 1) / ($ham + 2));
                $weights[$token] = round(min(self::MOST, max(-self::MOST, $weight)), 2);
            }
        }
        uasort($weights, static fn (float $a, float $b): int => abs($b) <=> abs($a));

        return new self(array_slice($weights, 0, self::KEPT, true), $ham, $spam);
    }

    /** What a word adds to the log-odds that a text is spam; 0 of one that too few wrote. */
    public function weight(string $token): float
    {
        return $this->weights[$token] ?? 0.0;
    }

    public function has(string $token): bool
    {
        return isset($this->weights[$token]);
    }

    /** @return int how many words are known */
    public function size(): int
    {
        return count($this->weights);
    }

    /** @return array{ham: int, spam: int, weights: array<array-key, float>} */
    public function toArray(): array
    {
        return ['ham' => $this->ham, 'spam' => $this->spam, 'weights' => $this->weights];
    }

    /** @param  array{ham: int, spam: int, weights: array<array-key, float>}  $kept  as toArray() gives it */
    public static function from(array $kept): self
    {
        return new self($kept['weights'], $kept['ham'], $kept['spam']);
    }
}
