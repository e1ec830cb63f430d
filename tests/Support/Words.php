<?php

declare(strict_types=1);

namespace Tests\Support;

use Juramen\Points\FormWords;
use Juramen\Points\Offered;

/** The words of a form that come from Juramen, as tests need them. */
final class Words
{
    public static function form(string $notice = 'Privacy notice', string $required = 'required', string $optional = 'optional'): FormWords
    {
        return new FormWords(
            $required, $optional, $notice, 'Asked by', 'leave empty', 'Languages', 'choose', 'day', 'month', 'year', 'street', 'postcode', 'town', 'Yes', 'No',
            'Next', 'Back', 'Page :number of :count', [new Offered('email', 'by email'), new Offered('sms', 'by SMS'), new Offered('phone', 'by phone')],
        );
    }
}
