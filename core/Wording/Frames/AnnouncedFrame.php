<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Hit;
use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\Sentence;
use Juramen\Wording\Words\WordClass as W;

/** Advertising is said to come, and nobody is asked: "you will also receive our newsletter". */
final class AnnouncedFrame implements Frame
{
    /** Words between "our" and a letter of ours. */
    private const NEAR = 1;

    /** Words between what is got and the notice in which it stands. */
    private const TOLD = 4;

    /** What asks, leaves open, or speaks of its end. */
    private const ASKS = [
        W::I, W::Wants, W::If, W::Unless, W::Agrees, W::Ticks, W::Subscribes, W::Refuses, W::Ends, W::Withdraws, W::Not, W::Must, W::Processor, W::Friend,
        W::Free,
    ];

    public function id(): string
    {
        return 'announced';
    }

    public function meanings(): array
    {
        return [Meaning::Announced];
    }

    public function read(Passage $passage): array
    {
        $senses = [];
        foreach ($passage->sentences as $sentence) {
            if ($this->announced($sentence) !== null) {
                $senses[] = new Sense(Meaning::Announced, $passage->sentenceWords($sentence), 'Advertising is said to come, and nobody is asked.');
            } elseif ($this->asksForWord($sentence)) {
                $senses[] = new Sense(Meaning::Announced, $passage->sentenceWords($sentence), 'Whoever says nothing is written to, and nobody is asked.');
            }
        }

        return $senses;
    }

    private function announced(Sentence $s): ?Hit
    {
        // "We also send our offers by email", "we email customers about similar goods": to whoever reads it, too.
        $toAll = ($s->has(W::Everybody) && ($s->has(W::Similar) || ($s->has(W::Self) && $s->has(W::Sends, W::Gets))))
            || ($s->has(W::Self) && $s->has(W::Each) && $s->has(W::Unit)) || ($s->has(W::Uses) && $s->has(W::Details));
        $toYou = $toAll || $s->has(W::You) || ($s->has(W::Also) && $s->has(W::Carrier, W::Vague, ...W::means()));
        $theOne = $s->has(W::Draw) && $s->has(W::Only);
        if (! $toYou || $theOne || $s->isQuestion() || self::asks($s) || self::leavesOpen($s)) {
            return null;
        }
        // A word that sends by itself ("contact you") says nothing of what.
        foreach ($s->said(W::Advertising, W::Vague, W::Similar) as $what) {
            // "We also have a letter with offers, sent every week": what there is, and nobody to whom it comes.
            $to = static fn (Hit $h): bool => $s->has(W::You, W::Everybody, W::Details) || $h->from < $what->from;
            $sends = array_filter(
                $s->said(W::Sends, W::Gets), static fn (Hit $h): bool => $h->from !== $what->from && $to($h) && ! self::bids($h) && ! self::isTold($s, $h)
            );
            $service = array_filter($s->all(W::Service), static fn (Hit $h): bool => $h->from <= $what->from && $h->to >= $what->to);
            if ($sends !== [] && $service === []) {
                return $what;
            }
        }
        // "You get emails about tools now and then": what keeps coming, and is not of what the person does there.
        $again = $s->has(W::Rate) || ($s->has(W::Unit) && $s->has(W::Each, W::Per));
        foreach ($again && $s->says(W::Sends, W::Gets) && ! $s->has(W::Service, W::Answers) ? $s->said(...W::means()) : [] as $mail) {
            if (self::hasTopic($s, $mail)) {
                return $mail;
            }
        }
        // "You also get our concert letter", "afterwards you get our letter every month": one of ours, besides what was asked for.
        $more = $s->has(W::Also) || $again;
        $comes = array_filter($s->said(W::Sends, W::Gets), static fn (Hit $h): bool => ! self::bids($h)) !== [];
        foreach ($more && $comes ? $s->said(W::Carrier) : [] as $letter) {
            $ours = static fn (Hit $h): bool => $h->from < $letter->from && $letter->from - $h->to <= self::NEAR;
            if (array_filter($s->said(W::Self), $ours) !== [] && ! $s->has(W::Service, W::Answers)) {
                return $letter;
            }
        }
        // "You also get our puzzle every Friday": whatever it is of ours that keeps coming to whoever reads it.
        $units = array_map(static fn (Hit $h): int => $h->from, $s->all(W::Unit));
        $each = array_filter($s->all(W::Each), static fn (Hit $h): bool => in_array($h->to, $units, true)) !== [];
        $also = $comes && $s->inClause($s->said(W::Sends, W::Gets)[0]->clause, W::Also);
        $keeps = ($again && $also) || ($each && $s->has(...W::means()));
        if ($keeps && $comes && $s->has(W::Self) && $s->has(W::You) && ! $s->has(W::Service, W::Answers, W::Notice)) {
            return $s->said(W::Sends, W::Gets)[0];
        }

        // "We use it to answer you, and now and then to tell you about our gates"; "order, and we keep you posted by email about our teas"; "we also
        // tell you by email about other teas".
        $acts = $s->acting(W::Self)[0] ?? null;
        $posts = $acts !== null && $s->has(...W::means()) && ($acts->from > 0 || $s->inClause($acts->clause, W::Also));
        foreach (($posts || $s->has(W::Uses)) && ! $s->has(W::Only) ? $s->said(W::Sends) : [] as $tells) {
            if (self::isOfOurs($s, $tells, $s->has(W::Uses))) {
                return $tells;
            }
        }

        return self::uses($s);
    }

    /**
     * Whether something is told about what is ours, and not for what somebody asked.
     *
     * @param  bool  $orRegular  or whatever it is, if again and again
     */
    private static function isOfOurs(Sentence $s, Hit $tells, bool $orRegular): bool
    {
        $ours = $s->within($tells->clause, W::Self);
        if ($ours === [] || $s->inClause($tells->clause, W::Answers, W::Service, W::Notice, W::Terms, W::Estimate, W::Trades)) {
            return false;
        }
        $about = array_map(static fn (Hit $h): int => $h->to, array_filter(
            $s->within($tells->clause, W::From), static fn (Hit $h): bool => $h->from >= $tells->to && ! self::isYours($s, $h)
        ));

        return ($orRegular && $s->has(W::Rate)) || array_filter($ours, static fn (Hit $our): bool => in_array($our->from, $about, true)) !== []
            || array_filter($about, static fn (int $at): bool => Others::isOther($s, $at)) !== [];
    }

    /** "About other changes to your order". */
    private static function isYours(Sentence $s, Hit $about): bool
    {
        return array_filter($s->within($about->clause, W::You), static fn (Hit $h): bool => $h->from > $about->to) !== [];
    }

    /** "Your details are used for marketing": said of what was just given, and nobody is asked. How it may end, and where it is told, is something else. */
    private static function uses(Sentence $s): ?Hit
    {
        foreach ($s->has(W::Notice) ? [] : $s->said(W::Uses) as $uses) {
            $ours = $s->within($uses->clause, W::Self);
            $for = static fn (Hit $h): bool => ! $h->negated && array_filter($ours, static fn (Hit $our): bool => $our->to === $h->from) === [];
            // "Used to answer you, and also for marketing": what for may stand in clauses of its own.
            $clauses = [$uses->clause];
            for ($n = $uses->clause + 1; in_array(($s->clauses[$n] ?? null)?->opener, $n > $uses->clause + 1 ? [W::Joins] : [W::So, W::That], true); $n++) {
                $clauses[] = $n;
            }
            $advertising = array_merge(...array_map(static fn (int $n): array => array_filter($s->within($n, W::Advertising), $for), $clauses));
            $other = static fn (int $n): bool => $s->inClause($n, W::Only, W::Refuses, W::Objects, W::Ends, W::Withdraws);
            if ($advertising !== [] && array_filter($clauses, $other) === [] && $s->inClause($uses->clause, W::Details)) {
                return reset($advertising);
            }
        }

        return null;
    }

    /** "Read our letter, too", "get our offers": somebody is bidden to. */
    private static function bids(Hit $hit): bool
    {
        return $hit->class === W::Gets && $hit->from === 0;
    }

    /** "More information you get in our privacy notice". */
    private static function isTold(Sentence $s, Hit $gets): bool
    {
        return $gets->class === W::Gets && array_filter(
            $s->within($gets->clause, W::Notice), static fn (Hit $h): bool => $h->from >= $gets->to && $h->from - $gets->to <= self::TOLD
        ) !== [];
    }

    private static function offers(Sentence $s, int $clause): bool
    {
        $sends = array_map(static fn (Hit $h): int => $h->from, $s->within($clause, W::Sends));
        $vague = array_filter($s->within($clause, W::Vague), static fn (Hit $h): bool => ! in_array($h->from, $sends, true)) !== [];

        return $sends !== [] && ($s->inClause($clause, W::Similar, W::Advertising) || ($vague && ! $s->has(W::Service, W::Answers)));
    }

    /** "Emails about gardens", "email you about gardens", and not "emails about your order". */
    private static function hasTopic(Sentence $s, Hit $mail): bool
    {
        $purposes = array_map(static fn (Hit $h): int => $h->from, $s->all(W::InOrder));
        $sends = array_filter($s->all(W::Sends), static fn (Hit $h): bool => $h->from <= $mail->from && $h->to >= $mail->to);
        $ends = [$mail->to, ...array_map(static fn (Hit $h): int => $h->to, $sends)];
        $about = array_filter($s->all(W::From), static fn (Hit $h): bool => in_array($h->from, $ends, true) && ! in_array($h->from, $purposes, true));
        $from = reset($about);
        $yours = static fn (Hit $h): bool => $from !== false && $h->from >= $from->to && $h->from - $from->to <= self::NEAR;

        // "About our fabrics" is what is sold; "about our terms" is not.
        $ours = $s->has(W::Notice, W::Terms, W::Answers) ? [W::Self] : [];

        return $from !== false && array_filter($s->all(W::You, W::I, ...$ours), $yours) === [];
    }

    /** "If you do not want our newsletter, let us know": who says nothing gets it. */
    private function asksForWord(Sentence $s): bool
    {
        if ($s->has(W::I, W::NoLonger, W::Ticks, W::Unticks) || ! $s->has(W::Tells)) {
            return false;
        }
        foreach ($s->clauses as $n => $clause) {
            $wanted = $s->inClause($n, W::You) && $s->inClause($n, W::Advertising, W::Carrier, ...W::means());
            // "If you would rather not get it": the no is a word of its own.
            $no = ($clause->negated && $s->inClause($n, W::Wants, W::Agrees)) || ($s->inClause($n, W::Refuses) && $s->inClause($n, W::Wants, W::Gets));
            if ($wanted && $no && in_array($clause->opener, [W::If, W::When, W::Unless], true)) {
                return true;
            }
        }

        return false;
    }

    private static function asks(Sentence $s): bool
    {
        // "Gladly we send you news": whoever sends it is glad, and asks nobody.
        $sends = array_map(static fn (Hit $h): int => $h->from, $s->all(W::Sends));
        $glad = static fn (Hit $h): bool => $h->class === W::Wants && $h->from === 0 && in_array($h->to, $sends, true);

        // "We would like to send you news", "which may interest you": no wish of whoever reads it.
        $ours = static fn (Hit $h): bool => in_array($h->class, [W::Wants, W::Agrees], true) && ! $s->has(W::I) && (
            self::weWant($s, $h->clause)
            || array_filter($s->within($h->clause, W::May), static fn (Hit $may): bool => $may->to === $h->from && $may->from > 1) !== []
        );

        // "You can object at any time": what is said of its end asks for nothing.
        $ends = static fn (Hit $h): bool => in_array($h->class, [W::Refuses, W::Ends, W::Withdraws], true) && SendingFrame::ends($s, $h->clause)
            && ! $s->inClause($h->clause, W::Sends);

        // "We need your address to send you news": what is needed is told.
        $told = static fn (Hit $h): bool => $h->class === W::Must && SendingFrame::needs($s, $h);

        // "Tell us if you prefer not to": who says nothing gets it.
        $tells = $s->said(W::Tells)[0] ?? null;
        $silent = static fn (Hit $h): bool => $tells !== null && $tells->clause > 0 && $h->clause > $tells->clause
            && in_array($h->class, [W::If, W::Refuses, W::Wants, W::Not], true) && $s->clauses[$h->clause]->opener === W::If;

        // "When you ask for a quote": that is an act, and no wish to be written to.
        $acts = array_map(static fn (Hit $h): int => $h->from, array_filter($s->all(W::Does), static fn (Hit $h): bool => count($h->tokens) > 2));
        $act = static fn (Hit $h): bool => $h->class === W::Wants && in_array($h->from, $acts, true);

        // "If you order, you get our offers": what the form is for, and no choice.
        $done = static fn (Hit $h): bool => $h->class === W::If && $s->clauseOf($h)->opener === W::If && $s->inClause($h->clause, W::You)
            && ! $s->has(W::Only) && $s->inClause($h->clause, W::Order, W::Account, W::Occasion)
            && ! $s->inClause($h->clause, W::Wants, W::Ticks, W::Agrees, W::Subscribes, W::Not, W::May, W::Advertising, W::Carrier, W::Details);

        $asked = static fn (Hit $h): bool => ! $act($h) && ! $done($h) && ! $silent($h) && ! $glad($h) && ! $ours($h) && ! $ends($h) && ! $told($h);

        return array_filter($s->all(...self::ASKS), $asked) !== [];
    }

    /** "We would gladly", "we take the liberty", "our legitimate interest": whoever asks wishes, and nobody else. */
    private static function weWant(Sentence $s, int $clause): bool
    {
        $ours = static fn (Hit $wants): callable => static fn (Hit $we): bool => $wants->from - $we->to >= 0 && $wants->from - $we->to <= self::NEAR;
        // "We gladly tell you, too": where whoever asks begins, the gladness is theirs.
        $from = $s->clauses[$clause]->from;
        if ($s->inClause($clause, W::Wants) && array_filter($s->acting(W::Self), static fn (Hit $we): bool => $we->from === $from) !== []) {
            return true;
        }
        $allows = $s->inClause($clause, W::You) && ! $s->inClause($clause, W::Sends) ? [] : [W::Agrees];
        foreach ($s->within($clause, W::Wants, ...$allows) as $wants) {
            if (array_filter($s->within($clause, W::Self), $ours($wants)) !== []) {
                return true;
            }
        }

        return false;
    }

    /**
     * "You may get": what Swedish has one word for is told by it. What we may do with details, offers that we may send, and how it may end, are told, too.
     */
    public static function leavesOpen(Sentence $s): bool
    {
        $gets = array_map(static fn (Hit $h): int => $h->from, $s->all(W::Gets));
        $told = static fn (Hit $may): bool => in_array($may->from, $gets, true) || SendingFrame::ends($s, $may->clause)
            || ($s->inClause($may->clause, W::Uses) && $s->inClause($may->clause, W::Details))
            || ($s->inClause($may->clause, W::Self) && self::offers($s, $may->clause))
            || ($s->inClause($may->clause, W::Self) && ($s->clauses[$may->clause + 1] ?? null)?->opener === W::That && self::offers($s, $may->clause + 1));

        $all = $s->all(W::May);
        $first = $all[0] ?? null;
        // "What we may send you, which may interest you": nothing is left open by the second.
        $after = static fn (Hit $may): bool => $first !== null && $may->from > $first->from && $told($first) && $s->inClause($first->clause, W::Self);

        return array_filter($all, static fn (Hit $may): bool => ! $told($may) && ! $after($may)) !== [];
    }
}
