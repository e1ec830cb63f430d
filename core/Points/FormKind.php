<?php

declare(strict_types=1);

namespace Juramen\Points;

/** What a form is for. */
enum FormKind: string
{
    case Newsletter = 'newsletter';
    case Contact = 'contact';
    case Order = 'order';
    case Account = 'account';
    case PrizeDraw = 'prize-draw';
    case Download = 'download';
    case Login = 'login';
    case Search = 'search';
    case Preferences = 'preferences';
    case RightsRequest = 'rights-request';
    case JobApplication = 'job-application';
    case Other = 'other';

    /** In words: "an order form", "a form of another kind". */
    public function says(): string
    {
        return match ($this) {
            self::Order, self::Account => "an $this->value form",
            self::Other => 'a form of another kind',
            default => 'a '.str_replace('-', ' ', $this->value).' form',
        };
    }

    /** Whether a form of this kind is sent for something else than the consent that may be asked on it. */
    public function servesSomethingElse(): bool
    {
        return $this !== self::Newsletter;
    }

    /** Login, search, preferences and rights forms are not judged on consent. */
    public function asksForConsent(): bool
    {
        return match ($this) {
            self::Login, self::Search, self::Preferences, self::RightsRequest => false,
            default => true,
        };
    }
}
