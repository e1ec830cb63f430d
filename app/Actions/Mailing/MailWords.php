<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use Juramen\Points\FormKind;
use Juramen\Points\FrozenMail;
use Juramen\Points\FrozenWords;
use Juramen\Points\PointEdition;
use Juramen\Points\Sheet;
use Juramen\Register\Controller;
use Juramen\Register\Language;
use Juramen\Wording\MailKind;
use Juramen\Wording\MailPart;
use Juramen\Wording\MailWording;

/** The words of mails: as an edition froze them, or, where it is from before there were such mails, as it would freeze them now. */
final class MailWords
{
    public function __construct(private readonly MailSigns $signs) {}

    /** What a mail is put on: its words, and what all mails of its controller have in common. */
    public function paper(Sheet $sheet, Controller $controller, Language $language, FrozenMail $words): LetterPaper
    {
        return new LetterPaper($sheet, $controller, $language, $words, $this->signs->of($controller));
    }

    public function of(PointEdition $edition, string $kind, Language $language): FrozenMail
    {
        $frozen = $edition->isIn($language) ? $edition->in($language)->mail($kind) : new FrozenMail($kind, []);

        return $frozen->words !== [] ? $frozen : $this->freeze($kind, $language, $edition->sheet, $edition->controller);
    }

    public function freeze(string $kind, Language $language, Sheet $sheet, Controller $controller): FrozenMail
    {
        $gift = $sheet->draft->gift?->hasLink() === true && ($kind !== MailKind::Acknowledgement->value || $sheet->rules->giftWithout);
        $fill = [':title' => $sheet->draft->title->in($language), ':controller' => $controller->name, ':days' => (string) $sheet->rules->lapseDays];
        // A name that ends with a full stop, such as one with "Inc.", ends its sentence too.
        $stop = str_ends_with($controller->name, '.') ? ["{$controller->name}." => $controller->name] : [];
        $own = self::own($sheet, $kind);
        $behind = MailKind::tryFrom($kind)?->behind()->value ?? $kind;
        $first = $behind === $kind ? null : self::own($sheet, $behind);
        $words = [];
        foreach (self::ours($kind, $language)->words as $ours) {
            // Whoever asked for a download has it with the mail, and nobody answers.
            $given = $ours->key === 'text' && $gift && $kind === MailKind::Acknowledgement->value && $sheet->draft->kind === FormKind::Download;
            if (($ours->key === 'gift' && ! $gift) || $ours->key === 'text-given') {
                continue;
            }
            $standing = $given ? self::ours($kind, $language)->word('text-given') : $ours->text;
            $part = MailPart::tryFrom($ours->key);
            $said = $part === null ? '' : ($own?->words($part, $language) ?: $first?->words($part, $language) ?? '');
            $words[] = new FrozenWords($ours->key, strtr(strtr($said === '' ? $standing : self::asOurs($said), $fill), $stop));
        }
        $edition = $own?->edition() === null ? [] : [new FrozenWords('edition', $own->edition()->hex())];

        return new FrozenMail($kind, [...$words, new FrozenWords('notice', (string) __('visitor.mail.notice', [], $language->value)), ...$edition]);
    }

    private static function own(Sheet $sheet, string $kind): ?MailWording
    {
        return array_values(array_filter($sheet->mails, static fn (MailWording $m): bool => $m->kind->value === $kind))[0] ?? null;
    }

    /** Our own words, in which a part that we leave empty can still be said. */
    public static function ours(string $kind, Language $language): FrozenMail
    {
        $behind = MailKind::tryFrom($kind)?->behind()->value ?? $kind;
        $ours = array_map(strval(...), (array) __("visitor.mail.$behind", [], $language->value));
        $more = array_map(static fn (MailPart $p): string => $p->value, MailKind::tryFrom($kind)?->parts() ?? []);
        $all = $ours + array_fill_keys($more, '');

        return new FrozenMail($kind, array_map(static fn (string $key, string $text): FrozenWords => new FrozenWords($key, $text), array_keys($all), $all));
    }

    /** Our own words with placeholders as a house writes them. */
    public static function asWritten(string $text): string
    {
        return (string) preg_replace('/:(title|controller|days|name)\b/', '{$1}', $text);
    }

    private static function asOurs(string $text): string
    {
        return (string) preg_replace('/\{(title|controller|days|name)\}/', ':$1', $text);
    }
}
