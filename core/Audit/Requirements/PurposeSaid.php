<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Control;
use Juramen\Audit\FormRequirement;
use Juramen\Audit\Mend;
use Juramen\Audit\Reach;
use Juramen\Audit\Reading;
use Juramen\Audit\Result;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\StatementFacts;
use Juramen\Audit\Verdict;
use Juramen\Points\FormKind;
use Juramen\Register\Regime;
use Juramen\Wording\Found;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Frames\Sense;
use Juramen\Wording\Phrases;
use Juramen\Wording\Words\WordClass;

/** What will be sent or done is said, not only "marketing", "updates" or "to improve our services". */
final class PurposeSaid extends FormRequirement
{
    public function id(): string
    {
        return 'purpose-said';
    }

    public function title(): string
    {
        return 'What will be sent or done is said.';
    }

    public function source(): Source
    {
        return new Source(
            'GDPR Art. 13(1)(c), 5(1)(b); BGH VI ZR 721/15', SourceKind::Law, 'the German decision'
        );
    }

    public function reach(): Reach
    {
        return Reach::Words;
    }

    public function hears(): array
    {
        return [Meaning::PurposeNamed, Meaning::Pictured];
    }

    public function judge(Reading $reading): array
    {
        if (! $reading->isAboutConsent()) {
            return $this->notApplicable('This form does not ask for consent.');
        }
        if ($reading->asked() !== [] && array_filter($reading->asked(), static fn (Control $c): bool => ! $c->refuses) === []) {
            return $this->notApplicable('What is asked for is a no.');
        }
        [$results, $vague] = [[], []];
        foreach ($reading->asked() as $n => $control) {
            $result = $this->judgeWords($reading, $control->label, $control);
            if ($n > 0 && $result->verdict->isFinding() && $reading->listener()->speaksOf($control->label, WordClass::AsBefore)) {
                continue;
            }
            $results[] = $result;
            // A second box that says something, and little, is about something else than what the form is named for.
            $ofItsOwn = $n > 0 && $result->verdict->isFinding() && $reading->listener()->hears($control->label, Meaning::PurposeGeneral);
            $vague = $ofItsOwn ? [...$vague, $result] : $vague;
        }
        if ($results === [] || $reading->kind === FormKind::Newsletter) {
            // On a form that serves only this, what stands beside the box is read with it.
            $whole = $this->judgeWords($reading, $reading->text, $reading->consents()[0] ?? null);
            $results = $whole->verdict === Verdict::Met || $results === [] ? [$whole, ...$vague] : $results;
        }
        $findings = array_values(array_filter($results, static fn (Result $r): bool => $r->verdict->isFinding()));

        return $findings === [] ? [$results[0]] : $findings;
    }

    private function judgeWords(Reading $reading, string $text, ?Control $control): Result
    {
        $where = $control->where ?? $reading->where;
        $listener = $reading->listener();
        $named = $listener->inEach($text, Meaning::PurposeNamed);
        $name = $named === null ? '' : ControllerNamed::calledOn($reading);
        $unnamed = $name === '' ? $text : str_replace([$name, mb_strtoupper($name)], '', $text);
        if ($named !== null && $unnamed !== $text && $this->isOfName($name, $named)) {
            $named = $listener->inEach($unnamed, Meaning::PurposeNamed);
        }
        if ($named !== null) {
            return new Result($this, Verdict::Met, $named->understood, $where, $named->words);
        }
        $shown = $listener->first($text, Meaning::Pictured);
        if ($shown !== null) {
            return new Result($this, Verdict::Met, $shown->understood, $where, $shown->words);
        }
        $vague = $listener->first($text, Meaning::PurposeGeneral)?->words;
        $mend = 'Say what comes, such as "one email a month with new sailings and fares".';
        if ($vague === null) {
            return $this->finding(Verdict::Breach, 'It does not say what will be sent or done.', $where, $control === null ? null : Found::all($text), $mend);
        }

        $strict = $reading->audience->isUnder(Regime::Germany);

        return $this->finding(
            $strict ? Verdict::Breach : Verdict::Weakness,
            "\"$vague->words\" says little".($strict ? '; in Germany the goods that are advertised must be named.' : '.'),
            $where, $vague, $mend, $this->change($reading, $control, $vague->words),
        );
    }

    /** "The newsletter of Wool and Linen", on a page of Wool and Linen Ltd: what it is called says nothing of what comes, in capitals too. */
    private function isOfName(string $name, Sense $named): bool
    {
        $names = $name.' '.mb_strtoupper($name);

        return array_filter(explode(', ', (string) $named->named), static fn (string $word): bool => ! str_contains($names, $word)) === [];
    }

    /** What comes, with the channel where the words that go were the only ones to say it. */
    private function withChannel(StatementFacts $facts, Reading $reading, string $gone): string
    {
        $channel = $facts->channels[0] ?? null;

        return $channel !== null && $reading->language !== null && $reading->listener()->hears($gone, Meaning::ByChannel)
            ? $facts->contents.' '.Phrases::channel($reading->language, $channel) : $facts->contents;
    }

    /** What the registers say comes, in place of words that say little. */
    private function change(Reading $reading, ?Control $control, string $vague): ?Mend
    {
        $facts = $reading->factsOf($control);

        return $facts === null
            || $facts->contents === '' ? null : Mend::replace(
                "Say “{$facts->contents}” for “{$vague}”", $facts->where, $vague, $this->withChannel($facts, $reading, $vague)
            );
    }
}
