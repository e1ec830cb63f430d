<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\FormRequirement;
use Juramen\Audit\HiddenInput;
use Juramen\Audit\Reading;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Points\FormKind;

/**
 * A hidden input that says yes to marketing. An unticked twin, a version, a list or a token is none, nor what says no, nor the name of the one
 * list of a form that is only that letter.
 */
final class NoHiddenConsent extends FormRequirement
{
    public function id(): string
    {
        return 'no-hidden-consent';
    }

    public function title(): string
    {
        return 'No consent is carried by a field that nobody sees.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 4(11), 7(1)', SourceKind::Law);
    }

    private const CONSENT = '~(?:^|[_\-\[.\s])(?:opt[_-]?in|newsletter|marketing|subscribed?|mailing|agree[ds]?|werbung|abonn\w*|offers?|promo\w*'
        .'|[a-z]*(?:consents?|einwilligung|zustimmung|consentement|samtykke|samtycke|nyhedsbrev|nyhetsbrev))(?:$|[_\-\].\s\d])~i';

    private const TECHNICAL = '~version|token|csrf|list|_?id$|source|lang|text|url|nonce|hash|date|time|form~i';

    public function judge(Reading $reading): array
    {
        $page = $reading->page;
        if ($page === null || ! $reading->kind->asksForConsent()) {
            return $this->notApplicable($page === null ? 'Our own forms carry no consent that is not seen.' : 'This form does not ask for consent.');
        }
        $found = array_filter($page->hidden, fn (HiddenInput $i): bool => $this->agrees($i) && $reading->kind !== FormKind::Newsletter);

        return $found === [] ? $this->met('Nothing that is not seen says yes.') : array_values(array_map(fn (HiddenInput $i) => $this->finding(
            Verdict::Breach, "A field that nobody sees, \"$i->name\", says yes for whoever sends the form.", $i->where, null,
            'Take it away, and ask with a box that begins empty.'
        ), $found));
    }

    private function agrees(HiddenInput $input): bool
    {
        return ! $input->isTwin && preg_match(self::CONSENT, (string) preg_replace('~(?<=[a-z])(?=[A-Z])~', '_', $input->name)) === 1
            && preg_match(self::TECHNICAL, $input->name) !== 1 && HiddenInput::isYes($input->value);
    }
}
