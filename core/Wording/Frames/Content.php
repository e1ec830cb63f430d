<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Hit;
use Juramen\Wording\Words\Names;
use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\Sentence;
use Juramen\Wording\Words\Token;
use Juramen\Wording\Words\WordClass as W;

/**
 * The words of a sentence that say what comes: what no class knows ("cabins", "puffins"), and few that one does. What is said of ending it, of papers
 * and of conditions says nothing of what comes.
 */
final class Content
{
    private const LETTERS = 3;

    /** Letters of a word right behind "about" or the like: ice and beer are short words in Danish. */
    private const LETTERS_BEHIND = 2;

    /** Words that may be what comes, besides those that no class knows. */
    private const CONTENT = [W::Wanted, W::Does, W::Health, W::Child, W::Price, W::Picture, W::Publishes, W::Trades];

    /** What somebody does, which is what a letter may be about. */
    private const DEEDS = [W::Sends, W::Gets, W::Opens, W::Reads, W::Uses, W::Confirms, W::Ends, W::Withdraws, W::Does];

    /** What fields are called, and technical questions. */
    private const FIELDS = [W::FieldEmail, W::FieldName, W::Technical];

    /** Classes whose words are the last part of compounds that may say what comes: "cabin offers" as one word. */
    private const COMPOUNDS = [W::Advertising, W::Vague, W::Carrier, W::ByEmail, W::Price];

    /** Words between a price, or whose purpose it is, and what it stands beside. */
    private const BESIDE = 3;

    /** Words between others and what they may do. */
    private const TIED = 4;

    /** @return list<int> numbers of the tokens that say what comes */
    public static function of(Sentence $s, Passage $passage): array
    {
        return $s->once('content', static fn (): array => self::find($s, $passage));
    }

    /** @return list<int> */
    private static function find(Sentence $s, Passage $passage): array
    {
        $known = self::known($s, $passage);
        // A price is a price of something: beside offers and news it says no more than they do.
        foreach ($s->all(W::Price) as $price) {
            // One of power, in a word with it, says of what.
            foreach (self::saysMore($price, $passage) || self::isOfCatalogue($s, $price) ? [] : $s->all(W::Vague, W::Advertising) as $vague) {
                if ($vague->from !== $price->from && abs($vague->from - $price->from) <= self::BESIDE) {
                    $known[$price->from] = true;
                }
            }
        }
        foreach (self::deedsAbout($s) as $deed) {
            unset($known[$deed]);
        }
        $content = [];
        $about = array_map(static fn (Hit $h): int => $h->to, $s->all(W::From));
        $short = $passage->vocabulary->section('short-nouns');
        foreach ($s->clauses as $n => $clause) {
            $silent = self::saysNothing($s, $n);
            for ($i = self::from($s, $n); $i < $clause->to; $i++) {
                $token = $s->tokens[$i];
                $letters = in_array($i, $about, true) ? self::LETTERS_BEHIND : self::LETTERS;
                $said = ! $silent || SendingFrame::isConsentedTo($s, $n, $i) || self::isForTheirs($s, $n, $i);
                if ($said && ! isset($known[$i]) && (self::isContent($token, $letters) || in_array($token->form, $short, true))
                    && ! self::isDeed($s, $i)) {
                    $content[] = $i;
                }
            }
        }

        return $content;
    }

    /**
     * "Tips on reading", "advice for writing": what somebody does is what they are about, right behind the word for it.
     *
     * @return list<int>
     */
    private static function deedsAbout(Sentence $s): array
    {
        $deeds = [];
        $says = array_map(static fn (Hit $h): int => $h->to, $s->all(W::Advertising, W::Vague));
        foreach ($s->all(W::From, W::InOrder) as $about) {
            $at = $about->to;
            $at += (int) (array_filter($s->all(W::That), static fn (Hit $h): bool => $h->from === $at) !== []);
            $known = array_filter($s->hits, static fn (Hit $h): bool => in_array($at, $h->tokens, true));
            $does = array_filter($known, static fn (Hit $h): bool => in_array($h->class, self::DEEDS, true));
            $somebody = array_filter($s->all(W::I, W::You, W::Self), static fn (Hit $h): bool => $h->from === $at + 1);
            if (in_array($about->from, $says, true) && $known !== [] && count($does) === count($known) && $somebody === []) {
                $deeds[] = $at;
            }
        }

        return $deeds;
    }

    /** "Let them have my email for their tea offers": what it is given away for. */
    private static function isForTheirs(Sentence $s, int $clause, int $token): bool
    {
        foreach (self::passes($s, $clause) ? $s->within($clause, W::Its) : [] as $their) {
            $for = array_filter($s->within($clause, W::From, W::InOrder), static fn (Hit $h): bool => $h->to === $their->from) !== [];
            if ($for && $token >= $their->to && $token - $their->to <= self::BESIDE) {
                return true;
            }
        }

        return false;
    }

    /** Where in a clause what comes can stand: behind papers that are spoken of in it, and nowhere where nothing is sent behind them. */
    private static function from(Sentence $s, int $clause): int
    {
        $papers = $s->within($clause, W::Terms, W::Notice);
        if ($papers === []) {
            return $s->clauses[$clause]->from;
        }
        $last = $papers[count($papers) - 1]->to;
        $words = [W::Sends, W::Gets, W::Advertising, W::Vague, W::Carrier, ...W::means()];
        // "And the recipes that you will send me": it comes in a clause that says more of it.
        $next = in_array(($s->clauses[$clause + 1] ?? null)?->opener, [W::That, W::Who], true) ? $s->within($clause + 1, ...$words) : [];
        $comes = array_filter([...$s->within($clause, ...$words), ...$next], static fn (Hit $h): bool => $h->from >= $last);

        return $comes === [] ? $s->clauses[$clause]->to : $last;
    }

    private static function saysNothing(Sentence $s, int $clause): bool
    {
        $sends = $s->inClause($clause, W::Sends, W::Gets);

        // Suppliers who may write are no processors.
        $works = $s->inClause($clause, W::Processor) && ! ($s->inClause($clause, W::Outsider) && $s->inClause($clause, W::May));

        return $works || SendingFrame::ends($s, $clause) || ($s->inClause($clause, W::According) && $s->inClause($clause, W::Notice, W::Terms))
            || ($s->inClause($clause, W::Returns) && ! $s->inClause($clause, W::Advertising, W::Carrier))
            || $s->inClause(
                $clause, W::HardWay, W::Free, W::TickedAlready, W::Shames, W::Abroad, W::Unsafe
            )
            || ($s->inClause($clause, W::Presses) && ! $s->inClause($clause, W::Yes, ...W::means()))
            || (self::passes($s, $clause) && (! $sends || $s->inClause($clause, W::Not)))
            || ($s->inClause($clause, W::NeverEnds, W::Must) && ! $sends && ! $s->inClause($clause, W::Advertising, ...W::means()));
    }

    /** Whether somebody's details are given away in a clause, or somebody gives: "when cabins go on sale" gives nothing away. */
    private static function passes(Sentence $s, int $clause): bool
    {
        // "In exchange for weekly mails": nothing is exchanged that was somebody's.
        $bargains = $s->within($clause, W::Exchange);
        $given = static fn (Hit $h): bool => array_filter($bargains, static fn (Hit $b): bool => $b->from <= $h->from && $h->to <= $b->to) === [];

        return array_filter($s->within($clause, W::Passes), $given) !== [] && $s->inClause($clause, W::Details, W::Outsider, W::I, W::You, W::Self);
    }

    /** @return array<int, true> tokens that a class knows, or that are part of a name */
    private static function known(Sentence $s, Passage $passage): array
    {
        [$known, $content] = [[], []];
        foreach ($s->hits as $hit) {
            $content += in_array($hit->class, [W::Wanted, W::Occasion], true) && count($hit->tokens) > 1 ? array_fill_keys($hit->tokens, true) : [];
        }
        // "Emails about new magazines": what is sent elsewhere is what these are about.
        $mails = array_map(static fn (Hit $h): int => $h->from, $s->all(...W::means()));
        $topics = array_filter(
            $s->all(W::Carrier), static fn (Hit $h): bool => SendingFrame::isTopic($s, $h) && ! in_array($h->from, $mails, true)
        );
        // A catalogue says by its name what is in it; beside offers it may be anything.
        $apart = static fn (Hit $h): bool => ! self::isOfCatalogue($s, $h);
        $topics = array_filter($s->all(W::Vague, W::Advertising), $apart) !== [] ? $topics : [...$topics, ...$s->all(W::Catalogue)];
        $topics = array_fill_keys(array_map(static fn (Hit $h): int => $h->from, $topics), true);
        foreach ($s->hits as $hit) {
            if (isset($topics[$hit->from])) {
                continue;
            }
            // "Season ticket" says more than a season.
            if (count($hit->tokens) === 1 && isset($content[$hit->from])) {
                continue;
            }
            if (in_array($hit->class, self::CONTENT, true) || ($hit->class->isOfForms() && ! in_array($hit->class, self::FIELDS, true))) {
                continue;
            }
            if (($hit->rest !== null && self::saysMore($hit, $passage)) || self::isSold($s, $hit)) {
                continue;
            }
            foreach ($hit->tokens as $i) {
                $known[$i] = true;
            }
        }
        // "The sponsors of this draw": what others stand behind is not what comes from them.
        foreach ($s->has(W::Outsider) ? $s->all(W::Draw) : [] as $draw) {
            $known += array_fill_keys($draw->tokens, true);
        }
        // "Campsites you work with": who they are is not what comes from them.
        foreach ($s->all(W::Outsider) as $others) {
            $first = Others::firstBeside($s, $others);
            $known += $first === null ? [] : [$first => true];
            $known += count($others->tokens) > 2 ? [$others->from - 1 => true, $others->from - 2 => true] : [];
            foreach ($s->within($others->clause, W::May) as $may) {
                // "Other shops in the arcade may write".
                $near = $may->from > $others->to && $may->from - $others->to <= self::TIED;
                $known += $near ? array_fill_keys(range($others->to, $may->from), true) : [];
            }
        }
        foreach (Names::in($s, $passage->vocabulary) as $name) {
            for ($i = $name->from; $i < $name->to; $i++) {
                $known[$i] = true;
            }
        }

        return $known;
    }

    /** "Price list": a word of what a catalogue is called. */
    private static function isOfCatalogue(Sentence $s, Hit $hit): bool
    {
        return array_filter($s->all(W::Catalogue), static fn (Hit $c): bool => $c->from <= $hit->from && $hit->to <= $c->to) !== [];
    }

    /** "New phones by email": what somebody may be called by is what is sold there. */
    private static function isSold(Sentence $s, Hit $hit): bool
    {
        if (! in_array($hit->class, [W::ByPhone, W::FieldPhone], true)) {
            return false;
        }
        $beside = array_filter($s->within($hit->clause, W::By, W::Per, W::Joins), static fn (Hit $h): bool => $h->to === $hit->from || (
            $h->class === W::Joins && $h->from === $hit->to
        ));
        $mailed = array_filter($s->within($hit->clause, W::ByEmail), static fn (Hit $h): bool => $h->from >= $hit->to);

        // "By phone, text or mail" counts means up.
        $listed = ($s->tokens[$hit->to] ?? null)?->form === ',';

        return $hit->from > 0 && $beside === [] && $mailed !== [] && ! $listed && $s->tokens[$hit->from - 1]->word;
    }

    /** Whether the first part of a compound says what comes: "cabin offers" written as one word. */
    private static function saysMore(Hit $hit, Passage $passage): bool
    {
        $known = static fn (string $form): bool => $passage->vocabulary->knowsAlone($form, self::CONTENT);

        return ! in_array($hit->rest, [null, 'e'], true) && in_array($hit->class, self::COMPOUNDS, true)
            && ! $known($hit->rest) && ! $known(rtrim($hit->rest, 's'));
    }

    private static function isContent(Token $token, int $letters): bool
    {
        return $token->word && ! $token->isNumber() && preg_match_all('~\p{L}~u', $token->form) >= $letters;
    }

    /** "Treat me", "spoil us": a word before somebody is what is done to them. */
    private static function isDeed(Sentence $s, int $token): bool
    {
        foreach ($s->all(W::I, W::You) as $somebody) {
            if ($somebody->from === $token + 1 && $somebody->to - $somebody->from === 1 && ! str_ends_with($s->tokens[$token]->form, 's')) {
                return true;
            }
        }

        return false;
    }
}
