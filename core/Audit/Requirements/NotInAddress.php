<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\FormRequirement;
use Juramen\Audit\Reading;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;

/** Forms sent by GET: addresses stay in logs, histories and referrers. Where a script sends the form, nothing is said of it. */
final class NotInAddress extends FormRequirement
{
    public function id(): string
    {
        return 'not-in-address';
    }

    public function title(): string
    {
        return 'What people type is not put into an address.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 32', SourceKind::Law, 'whether an address in a log is a breach of security by itself');
    }

    public function judgesUnread(): bool
    {
        return true;
    }

    public function judge(Reading $reading): array
    {
        $page = $reading->page;
        if ($page === null || ! $reading->collects() || $page->inputs === []) {
            return $this->notApplicable($page === null ? 'Our own forms are sent by POST.' : 'Nothing personal is sent.');
        }
        if ($page->method === 'post') {
            return $this->met('It is sent by POST.');
        }
        if ($page->method === 'get' || ($page->method === '' && $page->action !== '' && ! $page->byScript && ! str_starts_with($page->action, 'javascript:'))) {
            return [$this->finding(
                Verdict::Weakness, $page->method === 'get' ? 'The form is sent by GET: what is typed stands in the address, and so in logs and histories.'
                    : 'The form names no method, so browsers send it by GET: what is typed stands in the address, and so in logs and histories.',
                $reading->where, null, 'Write method="post" on the form.'
            )];
        }

        return $this->notApplicable('How it is sent cannot be told: a script seems to send it.');
    }
}
