<?php

declare(strict_types=1);

namespace App\Actions\Signup;

/** What became of a held submission that an officer released. */
enum Released
{
    case Whole;
    /** The person has ended some of what it agreed to since they sent it; that stays ended. */
    case InPart;
    /** All of it was ended since; what was sent besides is kept. */
    case WithoutConsent;
    /** All of it was ended since, and there was nothing besides. */
    case Nothing;
    case Gone;

    /** As the log of acts says it. */
    public function says(): string
    {
        return match ($this) {
            self::Whole => 'it goes on as every other sign-up',
            self::InPart => 'in part: the person withdrew some of it since, which stays withdrawn',
            self::WithoutConsent => 'without its consent: the person withdrew since, which stays withdrawn',
            self::Nothing => 'nothing was entered: the person withdrew since, which stays withdrawn',
            self::Gone => 'it was gone',
        };
    }
}
