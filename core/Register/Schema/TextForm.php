<?php

declare(strict_types=1);

namespace Juramen\Register\Schema;

use Juramen\Canon\DraftRefusal;
use Juramen\Register\EmailAddress;
use Juramen\Register\FrozenFile;
use Juramen\Register\InvalidEmailAddress;
use Juramen\Register\Picture;

/** What form a text has. */
enum TextForm
{
    case Line;
    case Paragraphs;
    case Address;
    case Link;
    case Colour;
    case Day;
    case Country;
    case Slug;
    case Picture;
    case File;
    case Hosts;

    private const HOST = '(?:[a-z0-9](?:[a-z0-9-]{0,61}[a-z0-9])?\.)+[a-z]{2,63}';

    /** Why a text is none of this form; null where it is. */
    public function fault(string $text): ?DraftRefusal
    {
        $fits = match ($this) {
            self::Line => preg_match('/[\p{Cc}\x{2028}\x{2029}]/u', $text) !== 1,
            self::Paragraphs => preg_match('/[^\P{Cc}\n\r\t]/u', $text) !== 1,
            self::Address => self::isAddress($text),
            self::Link => preg_match('~^https?://[^\s"<>]+$~D', $text) === 1,
            self::Colour => preg_match('/^#[0-9a-f]{6}$/D', $text) === 1,
            self::Day => preg_match('/^(\d{4})-(\d{2})-(\d{2})$/D', $text, $m) === 1 && checkdate((int) $m[2], (int) $m[3], (int) $m[1]),
            self::Country => preg_match('/^[A-Z]{2}$/D', $text) === 1,
            self::Slug => preg_match('/^[a-z0-9]+(-[a-z0-9]+)*$/D', $text) === 1,
            self::Picture => Picture::find($text) !== null,
            self::File => FrozenFile::find($text) !== null,
            self::Hosts => preg_match('/^'.self::HOST.'( *, *'.self::HOST.')*$/Di', trim($text)) === 1,
        };

        return $fits ? null : match ($this) {
            self::Line => DraftRefusal::NotOneLine,
            self::Paragraphs => DraftRefusal::NotText,
            self::Address => DraftRefusal::NotAnAddress,
            self::Link => DraftRefusal::NotALink,
            self::Hosts => DraftRefusal::NotHosts,
            self::Colour => DraftRefusal::NotAColour,
            self::Day => DraftRefusal::NotADay,
            self::Country => DraftRefusal::NotACountry,
            self::Slug => DraftRefusal::NotASlug,
            self::Picture, self::File => DraftRefusal::NotAPicture,
        };
    }

    private static function isAddress(string $text): bool
    {
        try {
            EmailAddress::parse($text);
        } catch (InvalidEmailAddress) {
            return false;
        }

        return $text === trim($text);
    }
}
