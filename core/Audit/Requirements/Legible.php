<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\FormRequirement;
use Juramen\Audit\PageInput;
use Juramen\Audit\Reading;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Wording\Found;

/** What a page's style sheets say cannot be told; what stands on its elements can. A word that goes when somebody types is no label. */
final class Legible extends FormRequirement
{
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
        foreach ($page->faint as $where) {
            $findings[] = $this->finding(
                Verdict::Weakness, 'The words beside the box hardly stand out from their ground.', $where, null, 'Give them a contrast of 4.5 to 1 at least.'
            );
        }
        foreach ($page->small as $where) {
            $findings[] = $this->finding(
                Verdict::Weakness, "The words beside the box are smaller than the form's others.", $where, null,
                "Set them as large as the form's other words."
            );
        }
        foreach (array_filter($page->inputs, static fn (PageInput $i): bool => ! $i->isLabelled) as $input) {
            $findings[] = $this->finding(
                Verdict::Weakness, $input->label === '' ? 'A field has no words that say what belongs there.'
                    : "\"$input->label\" goes, or is not seen, when somebody types.",
                $input->where, $input->label === '' ? null : Found::all($input->label), 'Write a label over the field, and leave it there.'
            );
        }

        return $findings === [] ? $this->met('Words stand at boxes and fields, as large as the others.') : $findings;
    }
}
