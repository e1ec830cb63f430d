<?php

declare(strict_types=1);

namespace Juramen\Points;

/** The numbered parts of a sheet. */
enum SheetPart: int
{
    case People = 1;
    case Asked = 2;
    case Agreed = 3;
    case Confirmed = 4;
    case Words = 5;
    case Enquiry = 6;
    case Look = 7;

    public function title(): string
    {
        return match ($this) {
            self::People => 'Place and people',
            self::Asked => 'What is asked',
            self::Agreed => 'What is agreed to',
            self::Confirmed => 'How it is confirmed',
            self::Words => 'What visitors read',
            self::Enquiry => 'Where it goes',
            self::Look => 'How it looks',
        };
    }
}
