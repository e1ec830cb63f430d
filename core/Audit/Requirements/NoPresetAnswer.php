<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Control;
use Juramen\Audit\FormRequirement;
use Juramen\Audit\Reading;
use Juramen\Audit\Response;
use Juramen\Audit\Result;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Wording\Found;

/** No consent control is answered beforehand; a preset no is fine. */
final class NoPresetAnswer extends FormRequirement
{
    public function id(): string
    {
        return 'no-preset-answer';
    }

    public function title(): string
    {
        return 'Nothing is answered before the visitor has answered it.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 4(11), Recital 32; CJEU C-673/17', SourceKind::Law);
    }

    public function judge(Reading $reading): array
    {
        $preset = fn (Control $control): ?Result => $control->response !== Response::Yes ? null : $this->finding(
            Verdict::Breach, 'This consent is given before the visitor has touched it.', $control->where, Found::all($control->label),
            'Leave it empty, so that only the visitor\'s own act is a yes.'
        );

        return $this->eachConsent($reading, 'Every consent control starts empty or on no.', $preset);
    }
}
