<?php

declare(strict_types=1);

namespace Juramen\Screening\Text;

use InvalidArgumentException;

/** How much a text reads like spam: a weight for each token, and a line from which on it does. */
final readonly class TextModel
{
    /**
     * @param  array<array-key, float>  $weights  of tokens
     * @param  float  $base  log-odds of a text of which nothing is known
     * @param  float  $line  the score from which on a text is called spam
     * @param  TaughtWords|null  $taught  what words say besides, by what people decided
     */
    private function __construct(private array $weights, private float $base, public float $line, private ?TaughtWords $taught = null) {}

    /**
     * @param  list<string>  $tokens  each once
     * @param  list<float>  $weights  of them, in the same order
     */
    public static function of(array $tokens, array $weights, float $base): self
    {
        return new self(array_combine($tokens, $weights), $base, 0.0);
    }

    /** The same with what words say at this house besides; words that nobody taught keep what they said. */
    public function taught(TaughtWords $by): self
    {
        return new self($this->weights, $this->base, $this->line, $by);
    }

    /** The log-odds that it is spam, with the root of how many of its tokens are known for their number: long texts are not surer by length alone. */
    public function score(string $text): float
    {
        return $this->scoreOf(Tokens::of($text));
    }

    /** @param  list<string>  $tokens  each once */
    public function scoreOf(array $tokens): float
    {
        [$sum, $known] = [0.0, 0];
        foreach ($tokens as $token) {
            if (isset($this->weights[$token]) || $this->taught?->has($token) === true) {
                $sum += ($this->weights[$token] ?? 0.0) + ($this->taught?->weight($token) ?? 0.0);
                $known++;
            }
        }

        return $known === 0 ? $this->base : $this->base + $sum / sqrt($known);
    }

    /**
     * Of a text of which nothing is known nothing is said: no language is held against anybody.
     *
     * @return float how far beyond its line a text reads like spam: 0 up to it, 1 where it is three or more beyond
     */
    public function excess(string $text): float
    {
        $score = $this->score($text);

        return $score > max($this->line, $this->base) ? min(1.0, 0.25 + ($score - $this->line) / 4) : 0.0;
    }

    public function readsLikeSpam(string $text): bool
    {
        return $this->score($text) > max($this->line, $this->base);
    }

    public function with(float $line): self
    {
        return new self($this->weights, $this->base, $line, $this->taught);
    }

    /** @return int how many tokens it knows */
    public function size(): int
    {
        return count($this->weights);
    }

    /** The same with those tokens alone that say most. @param  int  $most  how many */
    public function pruned(int $most): self
    {
        $weights = $this->weights;
        uasort($weights, static fn (float $a, float $b): int => abs($b) <=> abs($a));

        return new self(array_slice($weights, 0, $most, true), $this->base, $this->line);
    }

    /**
     * As PHP keeps it for the next request.
     *
     * @return array{base: float, line: float, weights: array<array-key, float>}
     */
    public function toArray(): array
    {
        return ['base' => $this->base, 'line' => $this->line, 'weights' => $this->weights];
    }

    /** @param  array{base: float, line: float, weights: array<array-key, float>}  $kept  as toArray() gives it */
    public static function from(array $kept): self
    {
        return new self($kept['weights'], $kept['base'], $kept['line']);
    }

    /** As it is kept in a file: base and line, then a token to a line behind its weight in hundredths. */
    public function text(): string
    {
        $lines = [sprintf('%.4f %.4f', $this->base, $this->line)];
        foreach ($this->weights as $token => $weight) {
            $hundredths = (int) round(100 * $weight);
            if ($hundredths !== 0) {
                $lines[] = "$hundredths $token";
            }
        }

        return implode("\n", $lines)."\n";
    }

    /** @throws InvalidArgumentException where it is no such file */
    public static function parse(string $text): self
    {
        $lines = explode("\n", rtrim($text, "\n"));
        if (preg_match('/^(-?\d+\.\d+) (-?\d+\.\d+)$/D', $lines[0], $head) !== 1) {
            throw new InvalidArgumentException('A file of a text model begins with its base and its line, such as "-1.7000 -0.8000".');
        }
        $weights = [];
        foreach (array_slice($lines, 1) as $number => $line) {
            [$hundredths, $token] = [...explode(' ', $line, 2), ''];
            if (preg_match('/^-?\d{1,6}$/D', $hundredths) !== 1 || $token === '') {
                throw new InvalidArgumentException('Line '.($number + 2).' of a text model is a weight in hundredths and a token, such as "213 free money".');
            }
            $weights[$token] = (int) $hundredths / 100;
        }

        return new self($weights, (float) $head[1], (float) $head[2]);
    }
}
