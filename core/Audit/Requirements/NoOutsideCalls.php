<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\FormRequirement;
use Juramen\Audit\OutsideCall;
use Juramen\Audit\Reading;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;

/** Scripts, frames, pictures and styles from another site tell it who looks at the form. The site that the form is sent to, the page's own,
 * and what waits for a consent are no others. */
final class NoOutsideCalls extends FormRequirement
{
    public function id(): string
    {
        return 'no-outside-calls';
    }

    public function title(): string
    {
        return 'Nothing is loaded from other sites before anybody agreed.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 25; ePD Art. 5(3)', SourceKind::Law, 'what of it needs consent, and what a contract covers');
    }

    public function judgesUnread(): bool
    {
        return true;
    }

    public function judge(Reading $reading): array
    {
        $page = $reading->page;
        if ($page === null || ! $reading->collects()) {
            return $this->notApplicable($page === null ? 'Our own forms load nothing from elsewhere.' : 'Nothing personal is asked for.');
        }
        if ($page->calls === []) {
            return $this->met('Everything comes from its own site.');
        }
        $hosts = array_values(array_unique(array_map(static fn (OutsideCall $c): string => $c->host, $page->calls)));
        $first = $page->calls[0];
        $says = count($hosts) === 1 ? "The page loads $first->what from $hosts[0] as it opens." : 'As it opens the page loads from '.implode(', ', $hosts).'.';
        $isKnown = $page->address !== '' || preg_match('~^https?:~i', $page->action) === 1;

        return [$this->finding(
            $isKnown ? Verdict::Weakness : Verdict::Open, $says, $first->where, null,
            $isKnown ? "Ship it from the page's own site, or load it once somebody has agreed." : "Is that the house's own site? If not, ship it from there."
        )];
    }
}
