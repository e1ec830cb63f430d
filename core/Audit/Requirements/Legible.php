<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Control;
use Juramen\Audit\FineWords;
use Juramen\Audit\FormRequirement;
use Juramen\Audit\OtherInput;
use Juramen\Audit\PageInput;
use Juramen\Audit\Reading;
use Juramen\Audit\Result;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Wording\Found;
use Juramen\Wording\Frames\Meaning;

/** What a page's style sheets say cannot be told; what stands on its elements can. A word that goes when somebody types is no label. */
final class Legible extends FormRequirement
{
    /** What makes words part of what is agreed to. */
    private const STATED = [Meaning::Sends, Meaning::TakenFromAct, Meaning::Announced, Meaning::PassedOn, Meaning::CanEnd];

    public function id(): string
    {
        return 'legible';
    }

    public function title(): string
    {
        return 'The words at boxes and fields can be read, and stay.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 7(2); WCAG 2.2, 1.4.3, 1.3.1, 3.3.2', SourceKind::Law, 'how far the law demands what WCAG says');
    }

    public function judgesUnread(): bool
    {
        return true;
    }

    public function judge(Reading $reading): array
    {
        $page = $reading->page;
        if ($page === null || ! $reading->kind->asksForConsent()) {
            return $this->notApplicable(
                $page === null ? 'Our own forms are drawn so, and looks that do not stand out are refused.' : 'This form does not ask for consent.'
            );
        }
        $findings = [];
        foreach ($page->fine as $fine) {
            if ($fine->atBox || $reading->listener()->hears($fine->words, ...self::STATED)) {
                $findings[] = $this->ofLooks($fine);
            }
        }
        foreach (array_filter($page->inputs, static fn (PageInput $i): bool => ! $i->isLabelled) as $input) {
            $findings[] = $this->finding(
                Verdict::Weakness, $input->label === '' ? 'A field has no words that say what belongs there.'
                    : "\"$input->label\" goes, or is not seen, when somebody types.",
                $input->where, $input->label === '' ? null : Found::all($input->label), 'Write a label over the field, and leave it there.'
            );
        }

        foreach (array_filter($reading->controls, static fn (Control $c): bool => ! $c->isLabelled) as $control) {
            $findings[] = $this->finding(
                Verdict::Weakness, 'Nobody sees what this box is for: its words are only read out.', $control->where,
                $control->label === '' ? null : Found::all($control->label), 'Write its words beside it.'
            );
        }
        foreach (array_filter($page->others, static fn (OtherInput $o): bool => $o->label === '') as $other) {
            $findings[] = $this->finding(
                Verdict::Weakness, ucfirst($other->what).' has no words that say what it is for.', $other->where, null, 'Write its words beside it.'
            );
        }

        return $findings === [] ? $this->met('Words stand at boxes and fields, as large as the others.') : $findings;
    }

    private function ofLooks(FineWords $fine): Result
    {
        $what = $fine->atBox ? 'The words beside the box' : 'The words that people agree to';

        return $this->finding(
            Verdict::Weakness, $fine->faint ? "$what hardly stand out from their ground." : "$what are smaller than the form's others.", $fine->where,
            Found::all($fine->words),
            $fine->faint ? 'Give them a contrast of 4.5 to 1 at least.' : "Set them as large as the form's other words."
        );
    }
}
