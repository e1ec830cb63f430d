<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use Juramen\Points\FrozenMail;
use Juramen\Points\FrozenWords;
use Juramen\Points\PointEdition;
use Juramen\Points\Sheet;
use Juramen\Register\Controller;
use Juramen\Register\Language;

/** The words of mails: as an edition froze them, or, where it is from before there were such mails, as it would freeze them now. */
final class MailWords
{
    public function of(PointEdition $edition, string $kind, Language $language): FrozenMail
    {
        $frozen = $edition->isIn($language) ? $edition->in($language)->mail($kind) : new FrozenMail($kind, []);

        return $frozen->words !== [] ? $frozen : $this->freeze($kind, $language, $edition->sheet, $edition->controller);
    }

    public function freeze(string $kind, Language $language, Sheet $sheet, Controller $controller): FrozenMail
    {
        $fill = [':title' => $sheet->draft->title->in($language), ':controller' => $controller->name, ':days' => (string) $sheet->rules->lapseDays];
        // A name that ends with a full stop, such as one with "Inc.", ends its sentence too.
        $stop = str_ends_with($controller->name, '.') ? ["{$controller->name}." => $controller->name] : [];
        $words = [];
        foreach ((array) __("visitor.mail.$kind", [], $language->value) as $key => $text) {
            $words[] = new FrozenWords((string) $key, strtr(strtr((string) $text, $fill), $stop));
        }

        return new FrozenMail($kind, [...$words, new FrozenWords('notice', (string) __('visitor.mail.notice', [], $language->value))]);
    }
}
