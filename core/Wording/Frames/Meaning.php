<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

/** What a sentence can do in a text about consent; frames find it, requirements judge it. */
enum Meaning: string
{
    /** Something is sent to the person, or the person is contacted, beyond what was asked for. */
    case Sends = 'sends';
    /** The controller itself sends something, besides whatever else is said. */
    case SendsBesides = 'sends-besides';
    /** A tick, or the wish itself, means no. */
    case AsksForNo = 'asks-for-no';
    /** Another act is taken for consent. */
    case TakenFromAct = 'taken-from-act';
    /** Consent is assumed, or taken from silence. */
    case Assumed = 'assumed';
    /** Consent is demanded for something else. */
    case Condition = 'condition';
    /** Consent is given for something, and that is said. */
    case Exchange = 'exchange';
    /** It is said that consent is free, or that something works without it. */
    case Voluntary = 'voluntary';
    /** Details pass to others for their own use. */
    case PassedOn = 'passed-on';
    /** Others are spoken of, and it is not clear whether they get anything. */
    case OthersMentioned = 'others-mentioned';
    case CanEnd = 'can-end';
    case HardToEnd = 'hard-to-end';
    case NeverEnds = 'never-ends';
    /** A right to object, which is not consent that ends. */
    case CanObject = 'can-object';
    case PurposeNamed = 'purpose-named';
    case PurposeGeneral = 'purpose-general';
    case RateGiven = 'rate-given';
    case Measured = 'measured';
    case Profiled = 'profiled';
    case HealthUsed = 'health-used';
    case Transferred = 'transferred';
    case OfferedToChildren = 'offered-to-children';
    case ParentAsked = 'parent-asked';
    case AskerNamed = 'asker-named';
    /** A company is named, by its legal form or where it does something. */
    case CompanyNamed = 'company-named';
    case Pressed = 'pressed';
    case Shamed = 'shamed';
    case TermsAgreed = 'terms-agreed';
    case NoticeAgreed = 'notice-agreed';
    case ByChannel = 'by-channel';
    case ChannelsChosen = 'channels-chosen';
    case TickedAlready = 'ticked-already';
    /** Own goods like those that were bought. */
    case SimilarGoods = 'similar-goods';
    case Legalese = 'legalese';
    case DoubleNo = 'double-no';
    case FriendAsked = 'friend-asked';
}
