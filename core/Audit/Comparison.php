<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Canon\Place;
use Juramen\Points\Registers;
use Juramen\Register\Channel;
use Juramen\Register\Controller;
use Juramen\Register\Language;
use Juramen\Register\Processor;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Frames\Sense;
use Juramen\Wording\Frames\Understanding;
use Juramen\Wording\Rates;
use Juramen\Wording\Statement;
use Juramen\Wording\Words\LegalForms;

/**
 * The languages of one statement, beside each other and beside the registers: whoever agrees in one language agrees to the same as in
 * another (GDPR Art. 12(1)). What most of them say is the measure, the first where none is most; what departs from it is a note at the other.
 */
final readonly class Comparison
{
    /** A text that is so many times as long as another, and by so many words longer, says more, or is harder to get through. */
    private const LONGER = 1.9;

    private const BY = 12;

    /** What one text may ask for beyond the other. */
    private const ASKED = [
        'passed-on' => 'passes details on', 'profiled' => 'makes a profile of people', 'measured' => 'measures what is opened',
        'transferred' => 'sends details to a country outside', 'health-used' => 'uses data of a special category',
    ];

    private function __construct(private Statement $statement, private Registers $registers) {}

    /**
     * @param  Statement  $statement  with its placeholders filled
     * @return list<ResultIn>
     */
    public static function of(Statement $statement, Registers $registers): array
    {
        return (new self($statement, $registers))->results();
    }

    /** @return list<ResultIn> */
    private function results(): array
    {
        $results = [];
        $languages = array_values(array_filter(
            $this->statement->texts->languages(), fn (Language $l): bool => trim($this->statement->words($l)) !== ''
        ));
        $measure = $this->measure($languages);
        foreach ($languages as $language) {
            $found = [...$this->channels($language), ...$this->companies($language)];
            if ($measure !== null && $language !== $measure) {
                array_push($found, ...$this->beside($measure, $language));
            }
            foreach ($found as $result) {
                $results[] = new ResultIn($language, $result);
            }
        }

        return $results;
    }

    /**
     * The first of those languages that say the same in the greatest number.
     *
     * @param  list<Language>  $languages
     */
    private function measure(array $languages): ?Language
    {
        $alike = [];
        foreach ($languages as $language) {
            $says = array_filter(array_keys(self::ASKED), fn (string $m): bool => $this->senses($language, Meaning::from($m)) !== []);
            $general = $this->senses($language, Meaning::PurposeNamed) === [];
            $rate = Rates::in($this->statement->words($language), $language);
            $alike[implode(' ', [...array_keys($this->channelsNamed($language)), '|', ...$says, (int) $general, ...($rate->units ?? [])])][] = $language;
        }
        $most = $alike === [] ? 0 : max(array_map(count(...), $alike));

        return array_values(array_filter($alike, static fn (array $group): bool => count($group) === $most))[0][0] ?? null;
    }

    /** @return list<Result> channels that the words name and the statement does not have */
    private function channels(Language $language): array
    {
        $own = array_map(static fn (Channel $c): string => $c->value, $this->statement->channels);
        foreach ($this->senses($language, Meaning::ByChannel) as $sense) {
            if (! in_array($sense->named, $own, true)) {
                $has = implode(' and ', $own);

                return [$this->finding(
                    Verdict::Weakness, $language, "The words speak of {$sense->named}, and the statement is for $has.", $sense,
                    'Let the words name the channels of the statement, or add the channel to it.'
                )];
            }
        }

        return [];
    }

    /** @return list<Result> companies that are neither the controller nor in the registers */
    private function companies(Language $language): array
    {
        $known = array_map(self::bare(...), [
            ...array_map(static fn (Controller $c): string => $c->name, $this->registers->controllers->all()),
            ...array_map(static fn (Processor $p): string => $p->name, $this->registers->processors->all()),
        ]);
        foreach ($this->senses($language, Meaning::CompanyNamed) as $sense) {
            $name = self::bare((string) $sense->named);
            if (array_filter($known, static fn (string $k): bool => $k === $name || str_contains($name, $k) || str_contains($k, $name)) === []) {
                return [new Result(
                    new Requirements\ControllerNamed, Verdict::Open, "“{$sense->named}” is named, and is neither the controller nor in the registers.",
                    $this->place($language), $sense->words, 'Who is it? Name the controller, or enter it under processors and recipients.'
                )];
            }
        }

        return [];
    }

    /** @return list<Result> what a text says otherwise than the first */
    private function beside(Language $first, Language $language): array
    {
        $results = [];
        [$a, $b] = [$this->statement->words($first), $this->statement->words($language)];
        [$here, $there] = [$this->channelsNamed($language), $this->channelsNamed($first)];
        $more = array_diff_key($here, $there);
        if ($there !== [] && $here !== [] && ($more !== [] || array_diff_key($there, $here) !== [])) {
            $sense = array_values($more)[0] ?? array_values($here)[0];
            $results[] = $this->finding(
                Verdict::Weakness, $language, $this->says($language, implode(' and ', array_keys($here)), $first, implode(' and ', array_keys($there))), $sense,
                'Name the same channels in each language.'
            );
        }
        [$rate, $other] = [Rates::in($b, $language), Rates::in($a, $first)];
        if ($rate !== null && $other !== null && ! $rate->equals($other)) {
            $sense = $this->senses($language, Meaning::RateGiven)[0];
            $results[] = $this->finding(
                Verdict::Weakness, $language, "How often differs: here “{$sense->words->words}”, in {$first->endonym()} “"
                    .$this->senses($first, Meaning::RateGiven)[0]->words->words.'”.',
                $sense, 'Say the same in each language.'
            );
        }
        foreach (self::ASKED as $meaning => $what) {
            [$said, $not] = [$this->senses($language, Meaning::from($meaning)), $this->senses($first, Meaning::from($meaning))];
            if (($said === []) !== ($not === [])) {
                $in = $said !== [] ? $language : $first;
                $results[] = $this->finding(
                    Verdict::Weakness, $language, "Only the text in {$in->endonym()} $what.", $said[0] ?? null, 'Ask for the same in each language.'
                );
            }
        }
        $general = $this->senses($language, Meaning::PurposeNamed) === [];
        if ($general !== ($this->senses($first, Meaning::PurposeNamed) === [])) {
            $in = $general ? $first : $language;
            $results[] = $this->finding(
                Verdict::Open, $language, "Only the text in {$in->endonym()} says what comes.", null, 'Do both say the same of what comes?'
            );
        }
        [$lists, $other] = [$this->senses($language, Meaning::ThingListed), $this->senses($first, Meaning::ThingListed)];
        if (! $general && max(count($lists), count($other)) > 1 && count($lists) !== count($other)) {
            $words = static fn (Sense $s): string => $s->words->words;
            $of = static fn (array $things): string => $things === [] ? 'one' : implode(', ', array_map($words, $things));
            $results[] = $this->finding(
                Verdict::Open, $language, "What comes may differ: here {$of($lists)}; in {$first->endonym()} {$of($other)}.", $lists[0] ?? null,
                'Does the same come, whatever the language? Then name it in each.'
            );
        }
        [$long, $short] = [$this->count($b), $this->count($a)];
        if (max($long, $short) > self::LONGER * min($long, $short) && abs($long - $short) >= self::BY) {
            $results[] = $this->finding(
                Verdict::Open, $language, "The text has $long words, the one in {$first->endonym()} $short.", null, 'Does one say what the other leaves out?'
            );
        }

        return $results;
    }

    private function says(Language $language, string $here, Language $first, string $there): string
    {
        return "{$language->endonym()} says $here where {$first->endonym()} says $there.";
    }

    /** @return array<string, Sense> channel to the words that name it */
    private function channelsNamed(Language $language): array
    {
        $named = [];
        foreach ($this->senses($language, Meaning::ByChannel) as $sense) {
            $named[(string) $sense->named] ??= $sense;
        }
        ksort($named);

        return $named;
    }

    /** @return list<Sense> */
    private function senses(Language $language, Meaning $meaning): array
    {
        return Understanding::of($this->statement->words($language), $language)->all($meaning);
    }

    private function finding(Verdict $verdict, Language $language, string $says, ?Sense $sense, string $mend): Result
    {
        return new Result(new Requirements\LanguageOffered, $verdict, $says, $this->place($language), $sense?->words, $mend);
    }

    private function place(Language $language): Place
    {
        return Place::of('texts', $language->value);
    }

    private function count(string $text): int
    {
        return (int) preg_match_all('~[\p{L}\p{N}]+~u', $text);
    }

    /** A name without its legal form. */
    private static function bare(string $name): string
    {
        return trim(implode(' ', array_filter(
            preg_split('~[\s,]+~u', mb_strtolower($name)) ?: [], static fn (string $word): bool => ! LegalForms::has(trim($word, '.'))
        )));
    }
}
