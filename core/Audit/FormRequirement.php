<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Canon\Place;
use Juramen\Wording\Found;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Frames\Sense;
use Juramen\Wording\LanguageGuess;
use Juramen\Wording\Listener;
use Juramen\Wording\Phrases;

/** What requirements have in common: short ways to say what was found, and what most of them are. */
abstract class FormRequirement implements Requirement
{
    public function judgedBy(): JudgedBy
    {
        return JudgedBy::Reading;
    }

    public function reach(): Reach
    {
        return Reach::Form;
    }

    public function hears(): array
    {
        return [];
    }

    public function judgesUnfinished(): bool
    {
        return false;
    }

    public function judgesUnread(): bool
    {
        return false;
    }

    /** @return non-empty-list<Result> */
    protected function notApplicable(string $why): array
    {
        return [new Result($this, Verdict::NotApplicable, $why)];
    }

    /** @return non-empty-list<Result> */
    protected function met(string $says, Place|Selector|null $where = null, ?Found $words = null): array
    {
        return [new Result($this, Verdict::Met, $says, $where, $words)];
    }

    /**
     * Judges every control that asks for consent by itself.
     *
     * @param  string  $met  what is said where nothing was found
     * @param  callable(Control): (list<Result>|Result|null)  $judge
     * @return non-empty-list<Result>
     */
    protected function eachConsent(Reading $reading, string $met, callable $judge): array
    {
        $consents = $reading->kind->asksForConsent() ? $reading->asked() : [];
        if ($consents === []) {
            return $this->notApplicable('No control on this form asks for consent.');
        }
        $findings = [];
        foreach ($consents as $control) {
            $found = $judge($control);
            array_push($findings, ...($found instanceof Result ? [$found] : $found ?? []));
        }

        return $findings === [] ? $this->met($met, $consents[0]->where) : $findings;
    }

    /**
     * What words alone say half, as a question; a page and a sheet are not judged by it, since most that stands on them is no consent.
     *
     * @return Result|null null where there is no half of it
     */
    protected function halfSaid(Reading $reading, Control $control, Meaning $half, string $question): ?Result
    {
        $said = $reading->of === ReadingOf::Words || $reading->of === ReadingOf::Statement ? $reading->listener()->first($control->label, $half) : null;

        return $said === null ? null : $this->finding(Verdict::Open, $said->understood, $control->where, $said->words, $question);
    }

    /** A mend for words of ours that do not belong to the consent; foreign pages are mended by those who wrote them. */
    protected function cut(Control $control, Found $words): ?Mend
    {
        return $control->where instanceof Place ? Mend::cut("Leave out “{$words->words}”", $control->where, $words->words) : null;
    }

    /**
     * A plain question in place of the sentence that carries a fault: from what the registers say comes, how often and by which channels. Null
     * where they do not say it, or the words are not ours.
     */
    protected function askPlainly(Reading $reading, Control $control, Found $words, string $behind = ''): ?Mend
    {
        $facts = $reading->factsOf($control);
        if ($facts === null || $reading->language === null || $facts->contents === '' || $facts->rate === '' || $facts->channels === []) {
            return null;
        }
        $asks = Phrases::asks($reading->language, $facts->contents, $facts->channels).$behind;

        return Mend::rewrite('Ask plainly instead', $facts->where, $control->label, $words->from, $asks);
    }

    /** Leaves out the sentence in which the words stand. */
    protected function leaveOut(Reading $reading, Control $control, Found $words): ?Mend
    {
        $facts = $reading->factsOf($control);

        return $facts === null ? null : Mend::rewrite("Leave out the sentence with “{$words->words}”", $facts->where, $control->label, $words->from, '');
    }

    protected function finding(Verdict $verdict, string $says, Place|Selector|null $where, ?Found $words, string $mend, ?Mend $change = null): Result
    {
        return new Result($this, $verdict, $says, $where, $words, $mend, $change);
    }

    /** What a control that asks for consent says in a language of its own, where the form around it is in another; null where none says it. */
    protected static function saidInTheirs(Reading $reading, Meaning $meaning): ?Sense
    {
        foreach ($reading->consents() as $control) {
            $language = LanguageGuess::of($control->label);
            $said = $language === null || $language === $reading->language ? null : Listener::in($language)->first($control->label, $meaning);
            if ($said !== null) {
                return $said;
            }
        }

        return null;
    }
}
