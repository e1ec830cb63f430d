<?php

declare(strict_types=1);

namespace Juramen\Register;

/** What a purpose stands on. Source: GDPR Art. 6(1); Directive 2002/58/EC Art. 13(1), 13(2). */
enum LegalBasis: string
{
    case Consent = 'consent';
    /** Own similar goods to somebody who bought, with a no offered each time. */
    case ExistingCustomer = 'existing-customer';
    /** Service messages that the person asked for or a contract needs; no consent is asked. */
    case Service = 'service';

    public function says(): string
    {
        return match ($this) {
            self::Consent => 'consent',
            self::ExistingCustomer => 'the rule for existing customers',
            self::Service => 'the service itself; no consent is needed',
        };
    }
}
