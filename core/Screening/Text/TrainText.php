<?php

declare(strict_types=1);

namespace Juramen\Screening\Text;

use Closure;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Learns a text model: logistic regression over tokens, each scaled by how much likelier it is in spam than in ham. Source of the scaling:
 * Wang and Manning, Baselines and Bigrams (ACL 2012); steps by AdaGrad (Duchi and others, JMLR 2011). The same texts make the same model.
 */
final readonly class TrainText
{
    /** Times that every text is gone through. */
    private const PASSES = 20;

    private const STEP = 0.3;

    /** Of the square of the weights, so that rare tokens do not grow without end. */
    private const PENALTY = 1e-4;

    /** Added to every count, so that a token of one kind alone is not beyond all doubt. */
    private const ADDED = 0.3;

    /** Parts into which texts are split to find the line. */
    private const FOLDS = 5;

    /**
     * @param  Closure(string): void|null  $says  is told what is done, since it takes minutes
     * @param  int|null  $most  of the tokens that say most, to be kept; null for all of them
     */
    public function __construct(private ?Closure $says = null, private ?int $most = null) {}

    /**
     * The model, and a line that is found by five-fold cross-validation over these texts alone.
     *
     * @param  list<LabelledText>  $texts  of both kinds
     */
    public function __invoke(array $texts): TextModel
    {
        $scored = [];
        for ($fold = 0; $fold < self::FOLDS; $fold++) {
            $this->say('Part '.($fold + 1).' of '.self::FOLDS.' is left out, and judged by the others');
            $inside = static fn (int $i): bool => $i % self::FOLDS === $fold;
            $model = $this->learn(array_values(array_filter($texts, static fn (int $i): bool => ! $inside($i), ARRAY_FILTER_USE_KEY)));
            foreach (array_filter($texts, $inside, ARRAY_FILTER_USE_KEY) as $text) {
                $scored[] = new ScoredText($model->scoreOf($text->tokens), $text->spam);
            }
        }
        $this->say('All of them are learned');

        return $this->learn($texts)->with(TextLine::of($scored));
    }

    /** @param  list<LabelledText>  $texts */
    public function learn(array $texts): TextModel
    {
        [$numbers, $scale] = self::vocabulary($texts);
        $rows = array_map(static fn (LabelledText $t): array => array_map(static fn (string $token): int => $numbers[$token], $t->tokens), $texts);
        $spam = array_map(static fn (LabelledText $t): int => (int) $t->spam, $texts);
        $weights = $steps = $numbers === [] ? [] : array_fill(0, count($numbers), 0.0);
        $of = array_sum($spam);
        $base = log(max(1, $of) / max(1, count($texts) - $of));
        $baseStep = 1e-8;
        $order = array_keys($rows);
        $chance = new Randomizer(new Mt19937(1));
        for ($pass = 0; $pass < self::PASSES; $pass++) {
            foreach ($chance->shuffleArray($order) as $i) {
                $row = $rows[$i];
                $root = sqrt(max(1, count($row)));
                $sum = 0.0;
                foreach ($row as $n) {
                    $sum += $weights[$n] * $scale[$n];
                }
                $error = 1 / (1 + exp(-($base + $sum / $root))) - $spam[$i];
                if (abs($error) < 1e-4) {
                    continue;
                }
                foreach ($row as $n) {
                    $slope = $error * $scale[$n] / $root + self::PENALTY * $weights[$n];
                    $steps[$n] += $slope * $slope;
                    $weights[$n] -= self::STEP * $slope / sqrt($steps[$n] + 1e-8);
                }
                $baseStep += $error * $error;
                $base -= self::STEP * $error / sqrt($baseStep);
            }
        }
        $learned = array_map(static fn (float $weight, float $by): float => $weight * $by, $weights, $scale);
        $model = TextModel::of(array_map(strval(...), array_keys($numbers)), $learned, $base);

        return $this->most === null ? $model : $model->pruned($this->most);
    }

    /**
     * @param  list<LabelledText>  $texts
     * @return array{array<array-key, int>, list<float>} tokens by number, and how much likelier each is in spam
     */
    private static function vocabulary(array $texts): array
    {
        [$numbers, $counts, $of] = [[], [], [0, 0]];
        foreach ($texts as $text) {
            $kind = (int) $text->spam;
            $of[$kind]++;
            foreach ($text->tokens as $token) {
                $n = $numbers[$token] ??= count($numbers);
                $counts[$n] ??= [0, 0];
                $counts[$n][$kind]++;
            }
        }
        $share = static fn (int $count, int $all): float => ($count + self::ADDED) / ($all + 2 * self::ADDED);

        return [$numbers, array_map(static fn (array $c): float => log($share($c[1], $of[1]) / $share($c[0], $of[0])), array_values($counts))];
    }

    private function say(string $what): void
    {
        ($this->says ?? static fn (string $w) => null)($what);
    }
}
