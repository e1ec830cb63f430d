<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\FormRequirement;
use Juramen\Audit\HiddenInput;
use Juramen\Audit\Reading;
use Juramen\Audit\Response;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Points\FormKind;
use Juramen\Wording\Frames\Meaning;

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

    public function judge(Reading $reading): array
    {
        $page = $reading->page;
        if ($page === null || ! $reading->kind->asksForConsent()) {
            return $this->notApplicable($page === null ? 'Our own forms carry no consent that is not seen.' : 'This form does not ask for consent.');
        }
        $agrees = static fn (HiddenInput $i): bool => ! $i->isTwin && (HiddenInput::saysYes($i->name, $i->value)
            || ($i->words !== '' && Response::isYes($i->value) && $reading->listener()->hears($i->words, Meaning::Sends, Meaning::PassedOn)));
        $found = $reading->kind === FormKind::Newsletter ? [] : array_filter($page->hidden, $agrees);

        return $found === [] ? $this->met('Nothing that is not seen says yes.') : array_values(array_map(fn (HiddenInput $i) => $this->finding(
            Verdict::Breach, "A field that nobody sees, \"$i->name\", says yes for whoever sends the form.", $i->where, null,
            'Take it away, and ask with a box that begins empty.'
        ), $found));
    }
}
