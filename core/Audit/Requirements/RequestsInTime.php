<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Deed;
use Juramen\Audit\Practice;
use Juramen\Audit\PracticeRequirement;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;

/** Whoever asks for access, erasure or anything else of Art. 15 to 22 is answered within a month. */
final class RequestsInTime extends PracticeRequirement
{
    public function id(): string
    {
        return 'requests-in-time';
    }

    public function title(): string
    {
        return 'Requests are answered in time.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 12(3)', SourceKind::Law);
    }

    public function weigh(Practice $practice): array
    {
        $all = $practice->count(Deed::Requested);
        if ($all === 0) {
            return $this->notApplicable('No request came through this form in the last year.');
        }

        return $this->allOr([$this->counted(
            Verdict::Breach, $practice, Deed::AnsweredLate, 'request is overdue or was answered late,', 'requests are overdue or were answered late,',
            'of those of the last year.', 'Answer what is open today, say why it is late, and that a complaint can be made.'
        )], ($all === 1 ? 'The one request' : 'All '.number_format($all).' requests').' of the last year met the time.');
    }
}
