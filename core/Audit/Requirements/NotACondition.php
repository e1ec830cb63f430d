<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Control;
use Juramen\Audit\ControlRole;
use Juramen\Audit\FormRequirement;
use Juramen\Audit\OtherInput;
use Juramen\Audit\Reach;
use Juramen\Audit\Reading;
use Juramen\Audit\Result;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Points\FormKind;
use Juramen\Wording\Found;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Frames\Sense;
use Juramen\Wording\Words\WordClass;

/**
 * Marketing consent is not the price of something else. Where a draw or a download states the exchange openly, courts differ,
 * and it is a weakness.
 */
final class NotACondition extends FormRequirement
{
    public function id(): string
    {
        return 'not-a-condition';
    }

    public function title(): string
    {
        return 'Consent is not demanded for an answer, a purchase or a prize.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 7(4), Recital 43', SourceKind::Law);
    }

    public function reach(): Reach
    {
        return Reach::Words;
    }

    public function hears(): array
    {
        return [Meaning::Condition, Meaning::TickDemanded, Meaning::Exchange, Meaning::ThingMentioned];
    }

    public function judge(Reading $reading): array
    {
        if ($reading->of->isForm() && ! $reading->kind->servesSomethingElse()) {
            return $this->notApplicable('The form is for nothing but what is agreed to.');
        }
        $listener = $reading->listener();
        $priced = in_array($reading->kind, [FormKind::PrizeDraw, FormKind::Download], true);
        $open = $priced && $listener->hears($reading->text, Meaning::Exchange);
        $demanded = $reading->demanded();
        if ($demanded !== null) {
            // Where nothing but words on the page demands it, the price is stated openly.
            return [$this->finding(
                $priced ? Verdict::Weakness : Verdict::Breach, $demanded->understood, $reading->where, $demanded->words,
                'Give what was asked for without this agreement, too.'
            )];
        }

        $tick = $this->tickDemanded($reading);
        if ($tick !== null) {
            return [$this->finding(
                $priced ? Verdict::Weakness : Verdict::Breach, 'The form is said to need the tick that agrees.', $reading->where, $tick->words,
                'Give what was asked for without this agreement, too, and leave that sentence out.'
            )];
        }

        $judge = function (Control $control) use ($reading, $listener, $open): ?Result {
            $said = $listener->first($control->label, Meaning::Condition) ?? $listener->first($control->label, Meaning::Exchange);
            if ($said !== null) {
                $openly = $said->meaning === Meaning::Exchange;

                return $this->finding(
                    $openly ? Verdict::Weakness : Verdict::Breach, $said->understood, $control->where, $said->words,
                    'Give what was asked for without this agreement, too.',
                    $this->askPlainly($reading, $control, $said->words)
                );
            }

            return ! $control->required || $control->refuses ? $this->halfSaid(
                $reading, $control, Meaning::ThingMentioned, 'Does everybody get that who does not agree? Then say so; otherwise do not ask for consent.'
            ) : $this->finding(
                $open ? Verdict::Weakness : Verdict::Breach,
                $open ? 'Consent is the price, and the form says so; courts differ on whether that is free.'
                    : 'The form cannot be sent without this consent, which what it is for does not need.',
                $control->where, Found::all($control->label), 'Let the form be sent with this left empty.',
            );
        };

        return $this->eachConsent($reading, 'The form is sent without any consent, too.', $judge);
    }

    /** That a tick is demanded beside the boxes: for what is sent, as its words say, or else of the nearest box, where that asks for consent. */
    private function tickDemanded(Reading $reading): ?Sense
    {
        $said = $reading->of->isForm() && $reading->asked() !== []
            ? $reading->listener()->first($reading->textBeside(static fn (): bool => true), Meaning::TickDemanded) : null;
        if ($said === null || $reading->listener()->speaksOf($said->words->words, WordClass::Advertising, WordClass::Subscribes)) {
            return $said;
        }
        $boxes = array_filter($reading->page->others ?? [], static fn (OtherInput $o): bool => $o->response !== null);
        $near = [];
        foreach ([...$reading->controls, ...$boxes] as $box) {
            $label = $this->asWritten($box->label, $reading->text);
            $at = (int) mb_strpos($reading->text, $label);
            // Of what is labelled nowhere it may be said.
            $away = $label === '' ? 0 : max($said->words->from - $at - mb_strlen($label), $at - $said->words->to);
            $near[] = [$away, $box instanceof Control && $box->role === ControlRole::Consent];
        }
        sort($near);

        return $near[0][1] ? $said : null;
    }

    /** A label as far as it stands in a text: "I accept" of "I accept the terms", whose terms are a link further on. */
    private function asWritten(string $label, string $text): string
    {
        while ($label !== '' && ! str_contains($text, $label)) {
            $label = (string) preg_replace('~(?:^|\s+)\S+$~u', '', $label);
        }

        return $label;
    }
}
