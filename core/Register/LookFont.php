<?php

declare(strict_types=1);

namespace Juramen\Register;

/** The letters of a form: a stack of what systems have, so that nothing is loaded, or one that is shipped and frozen with the edition. */
enum LookFont: string
{
    case Serif = 'serif';
    case Sans = 'sans';
    case Typewriter = 'typewriter';
    case SourceSerif = 'source-serif';
    case Bitter = 'bitter';
    case PublicSans = 'public-sans';
    case NunitoSans = 'nunito-sans';
    /** Those of the page on which the form is put. */
    case Host = 'host';

    public function says(): string
    {
        return match ($this) {
            self::Serif => 'letters with serifs',
            self::Sans => 'letters without serifs',
            self::Typewriter => 'letters of a typewriter',
            self::SourceSerif => 'Source Serif, loaded with the form',
            self::Bitter => 'Bitter, loaded with the form',
            self::PublicSans => 'Public Sans, loaded with the form',
            self::NunitoSans => 'Nunito Sans, loaded with the form',
            self::Host => 'the letters of the page around it',
        };
    }

    public function css(): string
    {
        return match ($this) {
            self::Serif => 'Georgia, "Iowan Old Style", "Noto Serif", "DejaVu Serif", serif',
            self::Sans => '"Segoe UI", "Noto Sans", "DejaVu Sans", Helvetica, Arial, sans-serif',
            self::Typewriter => '"Noto Sans Mono", "DejaVu Sans Mono", "Courier New", monospace',
            self::SourceSerif, self::Bitter => '"'.self::FACE.'", '.self::Serif->css(),
            self::PublicSans, self::NunitoSans => '"'.self::FACE.'", '.self::Sans->css(),
            self::Host => 'inherit',
        };
    }

    /** What a shipped one is called in the styles of a form. */
    public const FACE = 'Form letters';

    /** The file of a shipped one, in weights from 400 to 700 and with the letters of our languages; null where systems have it. */
    public function file(): ?string
    {
        return match ($this) {
            self::SourceSerif => 'source-serif-4-latin-wght-normal.woff2',
            self::Bitter => 'bitter-latin-wght-normal.woff2',
            self::PublicSans => 'public-sans-latin-wght-normal.woff2',
            self::NunitoSans => 'nunito-sans-latin-wght-normal.woff2',
            self::Serif, self::Sans, self::Typewriter, self::Host => null,
        };
    }
}
