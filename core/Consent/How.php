<?php

declare(strict_types=1);

namespace Juramen\Consent;

/** By what means a person or the house acted. */
enum How: string
{
    /** On a form that we served and of which we know that it was shown as frozen. */
    case FormServed = 'form-served';
    /** By the button on the page behind a mail's link. */
    case LinkPage = 'link-page';
    /** By a mail program's one-click button (RFC 8058). */
    case OneClick = 'one-click';
    /** By the clock. */
    case Clock = 'clock';
    /** By the mail server's acceptance. */
    case MailAccepted = 'mail-accepted';
    /** By the acceptance of whoever carries messages to numbers. */
    case MessageAccepted = 'message-accepted';
    /** By the refusal of whoever was to carry it, or by the mail that came back. */
    case MailReturned = 'mail-returned';
    /** Told to somebody of the house by phone. */
    case Phone = 'phone';
    /** By a letter that reached the house. */
    case Letter = 'letter';
    /** By a message written to somebody of the house. */
    case Message = 'message';
    /** Told to somebody of the house face to face. */
    case InPerson = 'in-person';
    /** Found to be a program's, and not a person's, by somebody signed in. */
    case FoundSpam = 'found-spam';
    /** By somebody signed in. */
    case Officer = 'officer';

    /** @return non-empty-list<self> by which a withdrawal reaches the house other than by its own links */
    public static function told(): array
    {
        return [self::Phone, self::Letter, self::Message, self::InPerson];
    }
}
