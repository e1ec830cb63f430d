<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Control;
use Juramen\Audit\FormRequirement;
use Juramen\Audit\Reach;
use Juramen\Audit\Reading;
use Juramen\Audit\Result;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Wording\Found;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\ReadingEase;

/** The words of a consent can be understood: reading ease, length of sentences, no double negatives, no legalese. */
final class PlainWords extends FormRequirement
{
    /** Words in a sentence, above which most readers lose the thread (common practice: 25 to 30). */
    private const LONGEST = 32;

    /** Fewer words than these tell nothing of a style. */
    private const FEWEST = 10;

    /** Words below which only what is very hard counts: a long name or two spoil the score of a short text. */
    private const ENOUGH = 25;

    public function id(): string
    {
        return 'plain-words';
    }

    public function title(): string
    {
        return 'The words are plain.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 7(2), 12(1)', SourceKind::Law);
    }

    public function reach(): Reach
    {
        return Reach::Words;
    }

    public function judge(Reading $reading): array
    {
        return $this->eachConsent($reading, 'The words of the consent are plain.', fn (Control $control): array => $this->judgeWords($reading, $control));
    }

    /** @return list<Result> */
    private function judgeWords(Reading $reading, Control $control): array
    {
        [$text, $where] = [$control->label, $control->where];
        $findings = [];
        foreach ([[Meaning::Legalese, 'is what lawyers say to each other'], [Meaning::DoubleNo, 'says no twice']] as [$meaning, $what]) {
            $found = $reading->listener()->first($text, $meaning)?->words;
            if ($found !== null) {
                $findings[] = $this->finding(Verdict::Weakness, "\"$found->words\" $what.", $where, $found, 'Say it as you would to somebody beside you.');
            }
        }
        if ($findings !== [] || $reading->language === null) {
            return $findings;
        }
        $ease = ReadingEase::of($text, $reading->language);
        if ($ease->longest > self::LONGEST) {
            return [
                $this->finding(
                    Verdict::Weakness, "A sentence of {$ease->longest} words.", $where, Found::first($ease->hardest, $text), 'Make two sentences of it.'
                ),
            ];
        }

        return $ease->words >= self::FEWEST && $ease->isHard() && ($ease->words >= self::ENOUGH || $ease->isVeryHard())
            ? [
                $this->finding(
                    Verdict::Weakness, ucfirst($ease->says()).'.', $where, Found::first($ease->hardest, $text),
                    'Use shorter words and sentences; this one spoils it.'
                ),
            ]
            : [];
    }
}
