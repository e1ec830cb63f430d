<?php

declare(strict_types=1);

namespace Juramen\Wording;

/** What a piece of wording can be about; each language has its own patterns for each. */
enum Topic: string
{
    /** Something is sent or done beyond what was asked for: news, offers, advertising. */
    case Marketing = 'marketing';
    /** Words for marketing that say nothing of its content. */
    case Vague = 'vague';
    /** Terms and conditions are agreed to. */
    case AcceptsTerms = 'accepts-terms';
    /** The privacy notice is agreed to, instead of being made known. */
    case AcceptsNotice = 'accepts-notice';
    case Terms = 'terms';
    case Notice = 'notice';
    /** Consent can be withdrawn. */
    case Withdrawal = 'withdrawal';
    case Refuses = 'refuses';
    case Yes = 'yes';
    case Technical = 'technical';
    case Reason = 'reason';
    case ByEmail = 'by-email';
    case BySms = 'by-sms';
    case ByPhone = 'by-phone';
    case ByPost = 'by-post';
    case ByMessaging = 'by-messaging';
    case Partners = 'partners';
    /** The address goes to others, who will use it for themselves. */
    case PassesOn = 'passes-on';
    /** Sending, going on or registering is said to mean something. */
    case BySending = 'by-sending';
    /** Only own goods like those bought. */
    case Similar = 'similar';
    case Objects = 'objects';
    /** How often, or how much. */
    case Rate = 'rate';
    /** Opens and clicks are measured. */
    case Tracking = 'tracking';
    /** One thing is given for another, and that is said. */
    case Exchange = 'exchange';
    case Legalese = 'legalese';
    case DoubleNegative = 'double-negative';
    case Login = 'login';
    case Search = 'search';
    case Contact = 'contact';
    case Order = 'order';
    case Account = 'account';
    case Draw = 'draw';
    case Download = 'download';
    case Preferences = 'preferences';
    case Rights = 'rights';
    case Job = 'job';
    case FieldEmail = 'field-email';
    case FieldName = 'field-name';
    case FieldPhone = 'field-phone';
    case FieldBirthday = 'field-birthday';
    case FieldGender = 'field-gender';
    case FieldPostal = 'field-postal';
    case FieldEmployer = 'field-employer';
}
