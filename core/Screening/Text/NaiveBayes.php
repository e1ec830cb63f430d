<?php

declare(strict_types=1);

namespace Juramen\Screening\Text;

/**
 * Multinomial naive Bayes over two kinds of texts, with one added to every count. Source: Manning, Raghavan and Schütze, Introduction to
 * Information Retrieval, section 13.2.
 */
final readonly class NaiveBayes
{
    /**
     * @param  array<array-key, array{int, int}>  $counts  token to how often it stood in ham and in spam
     * @param  array{int, int}  $tokens  in all
     * @param  array{int, int}  $texts  in all
     */
    private function __construct(private array $counts, private array $tokens, private array $texts) {}

    /** @param  list<LabelledText>  $all  with tokens as often as they stand in a text */
    public static function of(array $all): self
    {
        [$counts, $tokens, $texts] = [[], [0, 0], [0, 0]];
        foreach ($all as $text) {
            $kind = (int) $text->spam;
            $texts[$kind]++;
            foreach ($text->tokens as $token) {
                $counts[$token] ??= [0, 0];
                $counts[$token][$kind]++;
                $tokens[$kind]++;
            }
        }

        return new self($counts, $tokens, $texts);
    }

    /** How much likelier a token is in spam than in ham, as a logarithm; 0 of one that is not known. */
    public function weight(string $token): float
    {
        $counts = $this->counts[$token] ?? null;
        $vocabulary = count($this->counts);

        return $counts === null ? 0.0
            : log(($counts[1] + 1) / ($this->tokens[1] + $vocabulary)) - log(($counts[0] + 1) / ($this->tokens[0] + $vocabulary));
    }

    /**
     * @param  list<string>  $tokens  of a text, as often as they stand in it
     * @return float log-odds that it is spam; 0 before both kinds are known
     */
    public function logOdds(array $tokens): float
    {
        if ($this->texts[0] === 0 || $this->texts[1] === 0) {
            return 0.0;
        }

        return log($this->texts[1] / $this->texts[0]) + array_sum(array_map($this->weight(...), $tokens));
    }

    /**
     * How likely such a text is, of one kind: the prior times the likelihood of its tokens, not yet normalised.
     *
     * @param  list<string>  $tokens
     */
    public function joint(array $tokens, bool $spam): float
    {
        $kind = (int) $spam;
        $likely = $this->texts[$kind] / max(1, array_sum($this->texts));
        foreach ($tokens as $token) {
            $likely *= (($this->counts[$token][$kind] ?? 0) + 1) / ($this->tokens[$kind] + count($this->counts));
        }

        return $likely;
    }
}
