<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Canon\Place;
use Juramen\Wording\Found;

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

    public function judgesUnfinished(): bool
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
        $consents = $reading->kind->asksForConsent() ? $reading->consents() : [];
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

    /** A mend for words of ours that do not belong to the consent; foreign pages are mended by those who wrote them. */
    protected function cut(Control $control, Found $words): ?Mend
    {
        return $control->where instanceof Place ? Mend::cut("Leave out “{$words->words}”", $control->where, $words->words) : null;
    }

    protected function finding(Verdict $verdict, string $says, Place|Selector|null $where, ?Found $words, string $mend, ?Mend $change = null): Result
    {
        return new Result($this, $verdict, $says, $where, $words, $mend, $change);
    }
}
