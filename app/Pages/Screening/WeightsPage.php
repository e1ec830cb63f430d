<?php

declare(strict_types=1);

namespace App\Pages\Screening;

use App\Actions\Screening\AdoptWeights;
use App\Models\AdoptedWeights;
use App\Queries\Office\CountAssessed;
use App\Queries\Screening\LinesInForce;
use App\Queries\Screening\ReadDecisions;
use App\Queries\Screening\ReadTaughtWords;
use App\Queries\Screening\WeightsInForce;
use App\Support\Moments;
use Juramen\Screening\Band;
use Juramen\Screening\Calibration\Compared;
use Juramen\Screening\Calibration\Decided;
use Juramen\Screening\Calibration\Estimate;
use Juramen\Screening\Calibration\Rightness;
use Juramen\Screening\Weights;

/** What each signal weighs, and what it would weigh by what people decided. */
final readonly class WeightsPage
{
    /**
     * @param  list<WeightRow>  $rows
     * @param  string  $says  whose weights hold
     * @param  list<string>  $follows  how right either is, a sentence each; why there is no estimate, where there is none
     * @param  string  $words  what was learned of words
     * @param  string|null  $mark  of the estimate; null where there is none, or it is in force
     */
    private function __construct(
        public array $rows, public string $says, public array $follows, public ?string $mark, public bool $isOurs, public string $base,
        public string $baseAfter, public string $words
    ) {}

    public static function of(
        WeightsInForce $inForce, ReadDecisions $decisions, LinesInForce $lines, CountAssessed $counts,
        ReadTaughtWords $taught
    ): self {
        [$now, $decided] = [$inForce->weights(), $decisions()];
        $estimate = Estimate::of($decided, $now);
        $compared = $estimate->compared ?? Compared::all($decided, $now, $now);
        usort($compared, static fn (Compared $a, Compared $b): int => $b->before <=> $a->before);
        $adopted = $inForce->adopted();
        $isAnother = $estimate !== null && AdoptWeights::mark($estimate->weights) !== AdoptWeights::mark($now);

        return new self(
            array_map(static fn (Compared $c): WeightRow => WeightRow::of($c, $lines->house()->lines, $now, $counts->of($c->signal)), $compared),
            self::whose($adopted).' '.self::lately($counts),
            $estimate === null ? [self::tooFew($decided)] : self::follows($estimate, $isAnother), $isAnother ? AdoptWeights::mark($estimate->weights) : null,
            AdoptWeights::mark($now) === AdoptWeights::mark(Weights::ours()), WeightRow::number($now->base),
            WeightRow::number($estimate->weights->base ?? $now->base), self::words($taught)
        );
    }

    private static function words(ReadTaughtWords $taught): string
    {
        [$words, $at] = [$taught(), $taught->taughtAt()];
        if ($words === null || $at === null || $words->size() === 0) {
            return 'What words say comes from the public mail corpus alone: at least five enquiries read as spam and five others that were closed teach it'
                .' what they say here.';
        }

        return 'What '.number_format($words->size()).' words say here was learned on '.Moments::date($at).' from '.number_format($words->spam)
            .' senders of spam and '.number_format($words->ham).' others, beside the public mail corpus.';
    }

    /** What became of all submissions lately. */
    private static function lately(CountAssessed $counts): string
    {
        $said = static fn (int $count, string $what): string => number_format($count).' '.($count === 1 ? 'was' : 'were')." $what";

        return sprintf(
            'In %d days %s, %s, and %s.', CountAssessed::DAYS, $said($counts->of(Band::Pass) + $counts->of(Band::Puzzle), 'let through'),
            $said($counts->of(Band::Hold), 'held'), $said($counts->of(Band::Refuse), 'refused')
        );
    }

    private static function whose(?AdoptedWeights $adopted): string
    {
        return match (true) {
            $adopted === null => 'Ours to start with hold.',
            $adopted->decided === 0 => 'Ours hold again since '.Moments::exact($adopted->adopted_at).": {$adopted->user->name}, “{$adopted->reason}”.",
            default => 'Since '.Moments::exact($adopted->adopted_at).' those hold that were learned from '.number_format($adopted->decided)
                ." decisions: {$adopted->user->name}, “{$adopted->reason}”.",
        };
    }

    /** @param  list<Decided>  $decided */
    private static function tooFew(array $decided): string
    {
        $spam = count(array_filter($decided, static fn (Decided $d): bool => $d->spam));

        return 'Weights are estimated once at least '.Estimate::LEAST.' were accepted and '.Estimate::LEAST.' refused by a person; so far '
            .(count($decided) - $spam)." and $spam.";
    }

    /** @return list<string> */
    private static function follows(Estimate $estimate, bool $isAnother): array
    {
        $said = static fn (Rightness $r): string => sprintf('%d in 100, with a surprise of %.2f', (int) floor(100 * $r->right / $r->of), $r->surprise);

        return [
            number_format($estimate->before->of).' were decided by a person. The weights in force put '.$said($estimate->before)
                .', on the right side; '
                .($isAnother ? 'the estimate '.$said($estimate->after).', each judged by what was learned from the others.' : 'they are the estimate.'),
            ...($isAnother && $estimate->after->surprise >= $estimate->before->surprise ? ['The estimate is no better: it is wiser to keep what holds.'] : []),
        ];
    }
}
