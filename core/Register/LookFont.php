<?php

declare(strict_types=1);

namespace Juramen\Register;

/** The letters of a form. Each is a stack of what systems have, so that nothing is loaded. */
enum LookFont: string
{
    case Serif = 'serif';
    case Sans = 'sans';
    case Typewriter = 'typewriter';
    /** Those of the page on which the form is put. */
    case Host = 'host';

    public function says(): string
    {
        return match ($this) {
            self::Serif => 'letters with serifs',
            self::Sans => 'letters without serifs',
            self::Typewriter => 'letters of a typewriter',
            self::Host => 'the letters of the page around it',
        };
    }

    public function css(): string
    {
        return match ($this) {
            self::Serif => 'Georgia, "Iowan Old Style", "Noto Serif", "DejaVu Serif", serif',
            self::Sans => '"Segoe UI", "Noto Sans", "DejaVu Sans", Helvetica, Arial, sans-serif',
            self::Typewriter => '"Noto Sans Mono", "DejaVu Sans Mono", "Courier New", monospace',
            self::Host => 'inherit',
        };
    }
}
