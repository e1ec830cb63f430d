<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\FormRequirement;
use Juramen\Audit\Reading;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;

/** A script in the page that stores or reads on the device as it opens. Whether it must cannot be seen. */
final class NothingBeforeSending extends FormRequirement
{
    public function id(): string
    {
        return 'nothing-before-sending';
    }

    public function title(): string
    {
        return 'Nothing is stored or sent away before the form is sent.';
    }

    public function source(): Source
    {
        return new Source('ePD Art. 5(3), 6', SourceKind::Law, 'what is strictly necessary');
    }

    public function judgesUnread(): bool
    {
        return true;
    }

    public function judge(Reading $reading): array
    {
        $page = $reading->page;
        if ($page === null) {
            return $this->notApplicable('Our own forms store nothing on the device and read nothing from it before they are sent.');
        }
        if (! $reading->collects()) {
            return $this->notApplicable('Nothing personal is asked for.');
        }

        if ($page->sendsTyped !== null) {
            return [$this->finding(
                Verdict::Open, 'A script sends away what is typed before the form is sent.', $page->sendsTyped, null,
                'What goes where, and does the visitor know? What is not sent stays with whoever typed it.'
            )];
        }

        return $page->stores === null ? $this->met('No script in the page stores or reads on the device; what scripts from elsewhere do is not read.')
            : [$this->finding(
                Verdict::Open, 'A script in the page stores or reads on the device.', $page->stores, null,
                'Is it strictly necessary for what the visitor asked for? If not, it waits for a consent.'
            )];
    }
}
