<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\FormRequirement;
use Juramen\Audit\Reach;
use Juramen\Audit\Reading;
use Juramen\Audit\ReadingOf;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Points\FormKind;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Frames\Sense;

/** Where a form serves something else, sending it does not mean agreeing to marketing. */
final class NoConsentBySending extends FormRequirement
{
    public function id(): string
    {
        return 'no-consent-by-sending';
    }

    public function title(): string
    {
        return 'Sending the form is not taken for consent to something else.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 4(11), 7(2); CJEU C-673/17', SourceKind::Law);
    }

    public function reach(): Reach
    {
        return Reach::Words;
    }

    public function hears(): array
    {
        return [Meaning::TakenFromAct, Meaning::TakenFromSigningUp, Meaning::Assumed, Meaning::YesWritten, Meaning::ActMentioned];
    }

    public function judge(Reading $reading): array
    {
        if (! $reading->kind->asksForConsent() || $reading->kind === FormKind::Newsletter) {
            return $this->notApplicable('A form that serves only this may be answered by sending it.');
        }
        $control = $reading->of === ReadingOf::Statement || $reading->of === ReadingOf::Words ? $reading->consents()[0] ?? null : null;
        // What one signs up for is seen on a form, and not in words alone. To "by registering I agree" on a box it is the tick that agrees.
        $text = $control === null ? $reading->besideTicks() : $reading->text;
        $listener = $reading->listener();
        $taken = $listener->all($text, Meaning::TakenFromAct, Meaning::Assumed);
        if ($taken === [] && $control === null) {
            $taken = array_filter([$listener->first($text, Meaning::TakenFromSigningUp) ?? $reading->yesWritten()]);
        }
        $price = $taken === [] ? null : $reading->demanded();
        $others = array_filter($taken, static fn (Sense $sense): bool => $price === null || $price->words != $sense->words);
        if ($taken !== [] && $others === []) {
            return $this->notApplicable('It is demanded for what is sent, which is judged by itself.');
        }
        $said = array_values($others)[0] ?? null;
        if ($said === null) {
            $half = $control === null ? null : $this->halfSaid(
                $reading, $control, Meaning::ActMentioned, 'Is anybody taken to agree who only does that? Then ask with a box that starts empty.'
            );

            return $half !== null ? [$half] : $this->met('Sending means nothing beyond what the form is for.', $reading->where);
        }

        return [
            $this->finding(
                Verdict::Breach, $said->understood, $reading->where, $said->words, 'Ask with a box that starts empty, beside the words of what is sent.',
                $control === null ? null : $this->askPlainly($reading, $control, $said->words)
            ),
        ];
    }
}
