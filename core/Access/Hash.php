<?php

declare(strict_types=1);

namespace Juramen\Access;

/** What one-time codes are computed with (RFC 6238, section 1.2). */
enum Hash: string
{
    case Sha1 = 'sha1';
    case Sha256 = 'sha256';
    case Sha512 = 'sha512';
}
