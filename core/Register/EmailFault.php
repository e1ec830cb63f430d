<?php

declare(strict_types=1);

namespace Juramen\Register;

/** Why a text is not an email address that mail can reach; the values are keys of the messages shown to visitors. */
enum EmailFault: string
{
    case Missing = 'missing';
    case TooLong = 'too-long';
    case NoAt = 'no-at';
    case Space = 'space';
    case Domain = 'domain';
    case Malformed = 'malformed';
}
