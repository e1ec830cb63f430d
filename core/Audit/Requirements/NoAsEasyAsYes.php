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
use Juramen\Points\FormKind;
use Juramen\Wording\Found;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Frames\PressureFrame;
use Juramen\Wording\Words\WordClass;

/** A no costs nothing more than a yes: nobody is hurried, threatened with a loss, or shamed. */
final class NoAsEasyAsYes extends FormRequirement
{
    private const CALL_IT = 'Call it "No, thank you", or "Close".';

    public function id(): string
    {
        return 'no-as-easy-as-yes';
    }

    public function title(): string
    {
        return 'A no is as easy as a yes.';
    }

    public function source(): Source
    {
        return new Source('GDPR Recital 42; EDPB Guidelines 05/2020', SourceKind::Law);
    }

    public function reach(): Reach
    {
        return Reach::Words;
    }

    public function hears(): array
    {
        return [Meaning::Pressed, Meaning::Shamed, Meaning::NoSaysMore];
    }

    public function judge(Reading $reading): array
    {
        if ($reading->isAboutConsent() && ($pressed = $this->ofPopUp($reading)) !== []) {
            return $pressed;
        }

        // Only what says no, or what the person says, is looked at: what a button offers shames nobody.
        foreach ($reading->isAboutConsent() ? $reading->page->buttons ?? [] : [] as $button) {
            if (! $reading->listener()->speaksOfRarely($button->label, ...PressureFrame::SHAMES)) {
                continue;
            }
            $declines = $reading->listener()->hears($button->label, Meaning::AsksForNo) || $reading->listener()->speaksOf($button->label, WordClass::I);
            $shamed = $declines ? $reading->listener()->first($button->label, Meaning::Shamed) : null;
            if ($shamed !== null) {
                return [$this->finding(Verdict::Weakness, $shamed->understood, $button->where, Found::all($button->label), self::CALL_IT)];
            }
        }

        // Beside the boxes, or without any, it is the way past the form that is made to look foolish. What is hurried is what the form is for.
        $beside = $reading->isAboutConsent() && $reading->of->isForm() ? $this->wordsBeside($reading) : '';
        $shamed = $reading->listener()->first($beside, Meaning::Shamed);
        $pressed = $reading->kind === FormKind::Newsletter ? $reading->listener()->first($beside, Meaning::Pressed) : null;
        if ($shamed !== null || $pressed !== null) {
            $leans = $shamed ?? $pressed;

            return [$this->finding(
                Verdict::Weakness, $leans->understood, $reading->where, $leans->words,
                $shamed !== null ? self::CALL_IT : 'Leave it out: say what comes, and let people choose.'
            )];
        }

        return $this->eachConsent($reading, 'Nothing leans on people to say yes.', function (Control $control) use ($reading): ?Result {
            $leans = $reading->listener()->first($control->label, Meaning::Pressed) ?? $reading->listener()->first($control->label, Meaning::Shamed);

            return $leans === null ? $this->halfSaid(
                $reading, $control, Meaning::NoSaysMore, 'Does it say anything about who says no? Then leave that out: "No, thank you" is enough.'
            ) : $this->finding(
                Verdict::Weakness, $leans->understood, $control->where, $leans->words, 'Leave it out: say what comes, and let people choose.',
                $this->leaveOut($reading, $control, $leans->words)
            );
        });
    }

    /** What stands beside boxes that ask for consent; what other buttons offer is no answer to them. */
    private function wordsBeside(Reading $reading): string
    {
        $text = $reading->besideConsents();
        foreach ($reading->asked() === [] ? [] : $reading->page->buttons ?? [] as $button) {
            $text = $button->label === '' ? $text : str_replace($button->label, str_pad("\n", mb_strlen($button->label)), $text);
        }

        return $text;
    }

    /** @return list<Result> a pop-up without a way out, and a clock that runs down */
    private function ofPopUp(Reading $reading): array
    {
        $page = $reading->page;

        return array_values(array_filter([
            $page?->popUp === null ? null : $this->finding(
                Verdict::Weakness, 'The form stands in a pop-up, and nothing in it closes it.', $page->popUp, null,
                'Give it a button that closes it, as large as the one that sends.'
            ),
            $page?->clock === null ? null : $this->finding(
                Verdict::Weakness, 'A clock runs down while people decide.', $page->clock, null, 'Take the clock away: say until when the offer holds.'
            ),
        ]));
    }
}
