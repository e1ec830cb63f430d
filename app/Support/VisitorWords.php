<?php

declare(strict_types=1);

namespace App\Support;

use Juramen\Points\FormWords;
use Juramen\Points\Offered;
use Juramen\Register\Channel;
use Juramen\Register\Language;

/** Juramen's own words on a form, from the language files. */
final class VisitorWords
{
    public static function form(Language $language): FormWords
    {
        $say = static fn (string $key): string => (string) __("visitor.form.$key", [], $language->value);

        return new FormWords(
            $say('required'), $say('optional'), $say('notice'), $say('asked-by'), $say('leave-empty'), $say('languages'), $say('choose'),
            $say('day'), $say('month'), $say('year'), $say('street'), $say('postcode'), $say('town'),
            $say('yes'), $say('no'), $say('next'), $say('back'), $say('step'),
            array_map(static fn (Channel $c): Offered => new Offered($c->value, $say("by.{$c->value}")), Channel::cases()),
        );
    }
}
