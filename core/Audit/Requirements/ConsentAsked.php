<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Control;
use Juramen\Audit\FormRequirement;
use Juramen\Audit\Reading;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Points\FormKind;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Frames\Sense;
use Juramen\Wording\Words\WordClass;

/** A form that serves something else and says that advertising will come has a control for it. One that serves only that needs none: sending it
 * is the clear act. */
final class ConsentAsked extends FormRequirement
{
    public function id(): string
    {
        return 'consent-asked';
    }

    public function title(): string
    {
        return 'Whoever is to get advertising is asked.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 6(1)(a), 7(1); ePD Art. 13(1)', SourceKind::Law);
    }

    public function hears(): array
    {
        return [Meaning::Announced, Meaning::PassedOn];
    }

    public function judge(Reading $reading): array
    {
        if (! $reading->kind->asksForConsent()) {
            return $this->notApplicable('This form does not ask for consent.');
        }
        $consents = $reading->consents();
        $calls = $consents === [] ? null : $this->announcedBeside($reading);
        if ($calls !== null) {
            return [$this->finding(
                Verdict::Breach, 'More is said to come than any box asks for.', $reading->where, $calls->words,
                'Ask for it with a box of its own that starts empty, or leave it out.'
            )];
        }
        if ($consents !== [] && $reading->givesAway() === null) {
            return $this->met('It is asked for with a control.', $consents[0]->where);
        }
        if ($reading->kind === FormKind::Newsletter && $consents === []) {
            return $this->met('It serves only what it says, and sending it is the clear act.', $reading->where);
        }
        if ($reading->toldToCustomers() !== null) {
            return $this->notApplicable('It uses the rule for existing customers, which is judged by itself.');
        }
        if ($reading->demanded() !== null) {
            return $this->notApplicable('It is demanded for something else, which is judged by itself.');
        }
        $listener = $reading->listener();
        $said = ($consents === [] ? $listener->first($reading->text, Meaning::Announced) : null) ?? $reading->givesAway();
        $taken = $listener->hears($reading->besideTicks(), Meaning::TakenFromAct, Meaning::TakenFromSigningUp, Meaning::Assumed)
            || $reading->yesWritten() !== null;
        if ($said === null || ($taken && ($consents === [] || $reading->kind !== FormKind::Newsletter))) {
            return $this->notApplicable('Nothing says that it leads to advertising.');
        }

        return [$this->finding(
            Verdict::Breach, $said->understood, $reading->where, $said->words, 'Ask with a box that starts empty, beside the words of what is sent.'
        )];
    }

    /** "We will also call you with offers", beside a box that asks for mails; or what keeps coming whatever is ticked. */
    private function announcedBeside(Reading $reading): ?Sense
    {
        $listener = $reading->listener();
        // What a box says answers nothing of it, whatever the box is for.
        $beside = $reading->textBeside(static fn (): bool => true);
        $said = $listener->hears($beside, Meaning::TakenFromAct, Meaning::Assumed) ? null : $listener->first($beside, Meaning::Announced);
        if ($said === null) {
            return null;
        }
        // "You also get our tips every week": what comes besides, whatever is ticked.
        if ($listener->speaksOf($said->words->words, WordClass::Also) && $listener->hears($said->words->words, Meaning::RateGiven)) {
            return $said;
        }
        foreach ([WordClass::ByPhone, WordClass::BySms] as $means) {
            $asked = array_filter($reading->consents(), static fn (Control $c): bool => $listener->speaksOf($c->label, $means));
            if ($asked === [] && $listener->speaksOf($said->words->words, $means)) {
                return $said;
            }
        }

        return null;
    }
}
