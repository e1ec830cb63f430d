<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\FormRequirement;
use Juramen\Audit\Reading;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;

/** A trap can be seen, and so can a picture that is to be read; what a server does against programs cannot. */
final class BotsKeptOut extends FormRequirement
{
    public function id(): string
    {
        return 'bots-kept-out';
    }

    public function title(): string
    {
        return 'Programs are kept out, and nobody who cannot see is.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 32; WCAG 2.2, 1.1.1', SourceKind::Ours);
    }

    public function judgesUnread(): bool
    {
        return true;
    }

    public function judge(Reading $reading): array
    {
        $page = $reading->page;
        if ($page === null) {
            return $this->notApplicable('Our own forms are screened, and their puzzle has a question for whoever cannot see or runs no script.');
        }
        if (! $reading->collects()) {
            return $this->notApplicable('It takes nothing up that programs would fill in.');
        }
        if ($page->picture !== null) {
            return [$this->finding(
                Verdict::Weakness, 'A picture is to be read before the form can be sent: whoever cannot see it cannot send it.', $page->picture, null,
                'Keep programs out without pictures: a field that people do not see, the time that it takes, a question in words.'
            )];
        }

        return $page->hasTrap ? $this->met('A field that people do not see keeps programs out.') : [$this->finding(
            Verdict::Open, 'Nothing on the page keeps programs out; whether its server does cannot be seen.', $reading->where, null,
            'Is the form kept from programs, by a limit, a check of time, or otherwise?'
        )];
    }
}
