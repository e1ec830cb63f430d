<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** What a control on a form is about. */
enum ControlRole: string
{
    /** Consent to something being sent or done beyond what was asked for. */
    case Consent = 'consent';
    case Terms = 'terms';
    case Notice = 'notice';
    /** Staying signed in, the same billing address, how often, which language. */
    case Technical = 'technical';
}
