<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Control;
use Juramen\Audit\Mend;
use Juramen\Audit\Reading;
use Juramen\Audit\Result;
use Juramen\Audit\Verdict;

/** Short ways for a requirement to say what it found. */
trait Judging
{
    /** @return non-empty-list<Result> */
    private function notApplicable(string $why): array
    {
        return [new Result($this, Verdict::NotApplicable, $why)];
    }

    /** @return non-empty-list<Result> */
    private function met(string $says, ?string $where = null, ?string $words = null): array
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
    private function eachConsent(Reading $reading, string $met, callable $judge): array
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
    private function cut(Reading $reading, string $where, string $words): ?Mend
    {
        return $reading->sheet === null ? null : Mend::cut("Leave out “{$words}”", $where, $words);
    }

    private function finding(Verdict $verdict, string $says, ?string $where, ?string $words, string $mend, ?Mend $change = null): Result
    {
        return new Result($this, $verdict, $says, $where, $words, $mend, $change);
    }
}
