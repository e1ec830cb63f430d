<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\FormRequirement;
use Juramen\Audit\Reach;
use Juramen\Audit\Reading;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Wording\Frames\Meaning;

/** The privacy notice informs; nobody has to accept it. */
final class NoticeNotAgreed extends FormRequirement
{
    public function id(): string
    {
        return 'notice-not-agreed';
    }

    public function title(): string
    {
        return 'The privacy notice is made known, not agreed to.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 13; guidelines on transparency', SourceKind::Guide);
    }

    public function reach(): Reach
    {
        return Reach::Words;
    }

    public function hears(): array
    {
        return [Meaning::NoticeAgreed];
    }

    public function judge(Reading $reading): array
    {
        if (! $reading->kind->asksForConsent()) {
            return $this->notApplicable('This form does not ask for consent.');
        }
        $findings = [];
        foreach ($reading->controls as $control) {
            $agreed = $reading->listener()->first($control->label, Meaning::NoticeAgreed)?->words;
            if ($agreed !== null) {
                $findings[] = $this->finding(Verdict::Weakness, 'The privacy notice is to be agreed to, as if it were a contract.', $control->where, $agreed,
                    'Make it known: "How we use your data stands in our privacy notice", with a link and no box.', $this->cut($control, $agreed));
            }
        }

        // "By signing up you accept our privacy policy": beside no box.
        $said = $findings === [] && $reading->of->isForm() ? $reading->listener()->first($reading->text, Meaning::NoticeAgreed)?->words : null;
        if ($said !== null) {
            return [$this->finding(
                Verdict::Weakness, 'The privacy notice is said to be agreed to, as if it were a contract.', $reading->where, $said,
                'Make it known: "How we use your data stands in our privacy notice", with a link.'
            )];
        }
        if ($reading->controls === []) {
            return $this->notApplicable('Nothing on this form concerns the notice.');
        }

        return $findings === [] ? $this->met('Nobody has to agree to the privacy notice.', $reading->controls[0]->where) : $findings;
    }
}
