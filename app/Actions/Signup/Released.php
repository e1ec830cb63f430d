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

    /** As the officer is told. */
    public function says(): string
    {
        return match ($this) {
            self::Whole => 'Released. It goes on as every other sign-up: where a mail confirms it, that mail is on its way.',
            self::InPart => 'Released in part: this person withdrew some of it after sending this, and that stays withdrawn.',
            self::WithoutConsent => 'Released without its consent: this person withdrew after sending this, and that stays withdrawn.'
                .' What was sent besides is kept under Enquiries.',
            self::Nothing => 'Not entered: this person withdrew after sending this, so it stays withdrawn, and nobody is asked again.'
                .' The submission is deleted.',
            self::Gone => 'Somebody decided about it before you.',
        };
    }
}
