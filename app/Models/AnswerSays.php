<?php

declare(strict_types=1);

namespace App\Models;

/** What somebody says of a finding. */
enum AnswerSays: string
{
    /** The requirement is met: an attestation. */
    case Met = 'met';
    /** It stays as it is for a while: an exception. */
    case Accepted = 'accepted';
}
