<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Report;
use Juramen\Audit\Reading;
use Juramen\Audit\Requirements;
use Juramen\Audit\Result;
use Juramen\Register\Language;
use Juramen\Wording\Found;
use Juramen\Wording\LanguageGuess;
use Juramen\Wording\ReadingEase;
use RuntimeException;

final class WordingCheck extends Report
{
    private const LONGEST = 20_000;

    protected $signature = 'wording:check {--lang= : the language of the text, where it cannot be told} {--json}';

    protected $description = 'Reads a consent text on standard input and says what is wrong with its words, and how easily it reads; needs no database';

    protected function report(): int
    {
        $text = trim((string) stream_get_contents(STDIN, self::LONGEST * 4 + 1));
        if ($text === '' || ! mb_check_encoding($text, 'UTF-8') || mb_strlen($text) > self::LONGEST) {
            throw new RuntimeException('Give a text in UTF-8 of at most '.self::LONGEST.' characters on standard input.');
        }
        $language = $this->language($text);
        $ease = ReadingEase::of($text, $language);
        $problems = array_map(fn (Result $r): array => $this->problem($r, $text), $this->findings($text, $language));
        if ($this->option('json')) {
            $this->json(['language' => $language->value, 'figures' => [
                'sentences' => $ease->sentences, 'words' => $ease->words, 'reading_ease' => round($ease->score, 1), 'longest_sentence' => $ease->longest,
            ], 'problems' => $problems]);
        } else {
            $this->line(
                sprintf(
                    '%s: %d %s, %d words, %s, longest sentence %d words.', $language->endonym(), $ease->sentences,
                    $ease->sentences === 1 ? 'sentence' : 'sentences', $ease->words, $ease->says(), $ease->longest
                )
            );
            foreach ($problems as $problem) {
                $this->line("{$problem['verdict']}: {$problem['requirement']}, \"{$problem['words']}\" ({$problem['source']})");
                $this->line("  {$problem['says']} {$problem['mend']}");
            }
        }

        return $problems === [] ? self::SUCCESS : self::FOUND;
    }

    private function language(string $text): Language
    {
        $given = $this->option('lang');
        if (is_string($given)) {
            return Language::tryFrom($given)
                ?? throw new RuntimeException('The languages known are '.implode(', ', array_column(Language::cases(), 'value')).'.');
        }

        return LanguageGuess::of($text) ?? throw new RuntimeException('The language cannot be told from so little text; name it with --lang.');
    }

    /**
     * The text stands alone: it is read as the words of one box, of which nothing else is known.
     *
     * @return list<Result> the gravest first
     */
    private function findings(string $text, Language $language): array
    {
        $results = Requirements::judge(Reading::ofWords($text, $language));

        $found = array_values(array_filter($results, static fn (Result $r): bool => $r->verdict->isFinding()));
        usort($found, static fn (Result $a, Result $b): int => $a->verdict->urgency() <=> $b->verdict->urgency());

        return $found;
    }

    /** @return array{requirement: string, verdict: string, from: int, to: int, words: string, says: string, source: string, mend: string} */
    private function problem(Result $result, string $text): array
    {
        $found = $result->words ?? Found::all($text);

        return [
            'requirement' => $result->requirement->id(), 'verdict' => $result->verdict->value, 'from' => $found->from, 'to' => $found->to,
            'words' => $found->words, 'says' => $result->says, 'source' => $result->requirement->source()->text, 'mend' => (string) $result->mend,
        ];
    }
}
