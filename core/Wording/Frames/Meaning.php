<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

/** What a sentence can do in a text about consent; frames find it, requirements judge it. */
enum Meaning: string
{
    /** Something is sent to the person, or the person is contacted, beyond what was asked for. */
    case Sends = 'sends';
    /** Advertising is said to come, and nobody is asked. */
    case Announced = 'announced';
    /** The controller itself sends something, besides whatever else is said. */
    case SendsBesides = 'sends-besides';
    /** A tick, or the wish itself, means no. */
    case AsksForNo = 'asks-for-no';
    /** Another act is taken for consent. */
    case TakenFromAct = 'taken-from-act';
    /** Signing up is taken for consent: a clear act where one signs up for what is sent, and nowhere else. */
    case TakenFromSigningUp = 'taken-from-signing-up';
    /** Consent in the person's own words, which somebody else has written down. */
    case YesWritten = 'yes-written';
    /** Consent is assumed, or taken from silence. */
    case Assumed = 'assumed';
    /** Consent is demanded for something else. */
    case Condition = 'condition';
    /** A tick is demanded for something else; what it is a tick for is not said. */
    case TickDemanded = 'tick-demanded';
    /** What is given is used to answer, and for nothing else. */
    case ToAnswer = 'to-answer';
    /** Consent is given for something, and that is said. */
    case Exchange = 'exchange';
    /** It is said that consent is free, or that something works without it. */
    case Voluntary = 'voluntary';
    /** Details pass to others for their own use. */
    case PassedOn = 'passed-on';
    /** Those who get details may write, call or send for their own ends. */
    case TheyWrite = 'they-write';
    /** Others are spoken of, and it is not clear whether they get anything. */
    case OthersMentioned = 'others-mentioned';
    case CanEnd = 'can-end';
    case HardToEnd = 'hard-to-end';
    case NeverEnds = 'never-ends';
    /** A right to object, which is not consent that ends. */
    case CanObject = 'can-object';
    case PurposeNamed = 'purpose-named';
    case PurposeGeneral = 'purpose-general';
    /** One of several things that come. */
    case ThingListed = 'thing-listed';
    case RateGiven = 'rate-given';
    case Measured = 'measured';
    case Profiled = 'profiled';
    /** Pictures of somebody are shown to anybody. */
    case Pictured = 'pictured';
    /** Behaviour is analysed so that what is shown fits: the one serves the other, and nothing else comes. */
    case ShownToFit = 'shown-to-fit';
    case HealthUsed = 'health-used';
    case Transferred = 'transferred';
    /** People are asked what they think, besides what is sent to them. */
    case Surveyed = 'surveyed';
    case OfferedToChildren = 'offered-to-children';
    case ParentAsked = 'parent-asked';
    case AskerNamed = 'asker-named';
    /** A company is named, by its legal form or where it does something. */
    case CompanyNamed = 'company-named';
    case Pressed = 'pressed';
    case Shamed = 'shamed';
    case TermsAgreed = 'terms-agreed';
    case NoticeAgreed = 'notice-agreed';
    /** Somebody confirms to have read the notice. */
    case NoticeRead = 'notice-read';
    case ByChannel = 'by-channel';
    case ChannelsChosen = 'channels-chosen';
    case TickedAlready = 'ticked-already';
    /** Own goods like those that were bought. */
    case SimilarGoods = 'similar-goods';
    case Legalese = 'legalese';
    case DoubleNo = 'double-no';
    case FriendAsked = 'friend-asked';

    // Half of a meaning: a question for a person.
    /** What a visitor does stands beside what is sent. */
    case ActMentioned = 'act-mentioned';
    /** What one came for hangs together with agreeing. */
    case ThingMentioned = 'thing-mentioned';
    /** A no stands beside what is asked for. */
    case NoMentioned = 'no-mentioned';
    /** Ending it is said to take something. */
    case EndingDemands = 'ending-demands';
    case NoSaysMore = 'no-says-more';
    case PapersMentioned = 'papers-mentioned';

    /** What a sentence with it does, in the language of the office. */
    public function says(): string
    {
        return match ($this) {
            self::Announced => 'says that advertising will come',
            self::AsksForNo => 'asks for a no',
            self::TakenFromAct => 'takes another act for consent',
            self::TakenFromSigningUp => 'takes signing up for consent to what is sent',
            self::YesWritten => 'says yes in the person\'s own words',
            self::Assumed => 'takes consent for granted',
            self::Condition => 'makes consent a condition',
            self::TickDemanded => 'demands a tick',
            self::ToAnswer => 'uses what is given to answer, and for nothing else',
            self::Exchange => 'gives something for consent',
            self::PassedOn => 'passes details on',
            self::TheyWrite => 'says that others may write',
            self::CanEnd => 'says how consent ends',
            self::HardToEnd => 'makes it hard to end',
            self::NeverEnds => 'says that it never ends',
            self::PurposeNamed => 'says what comes',
            self::ThingListed => 'lists several things that come',
            self::RateGiven => 'says how often',
            self::Measured => 'says that opens or clicks are measured',
            self::Profiled => 'makes a profile of people',
            self::ShownToFit => 'shows what fits a profile',
            self::Pictured => 'shows pictures of people',
            self::HealthUsed => 'uses what is known of health or belief',
            self::Transferred => 'sends details to a country outside',
            self::Surveyed => 'asks people what they think, too',
            self::OfferedToChildren => 'speaks to children',
            self::AskerNamed => 'names who asks',
            self::Pressed => 'hurries people, or threatens a loss',
            self::Shamed => 'makes a no look foolish',
            self::TermsAgreed => 'agrees to terms',
            self::NoticeAgreed => 'agrees to the privacy notice',
            self::NoticeRead => 'confirms that the notice was read',
            self::TickedAlready => 'says that the box is ticked already',
            self::SimilarGoods => 'speaks of own goods like those bought',
            self::ActMentioned => 'names an act beside what is sent',
            self::ThingMentioned => 'ties what one came for to agreeing',
            self::NoMentioned => 'has a no beside what is asked for',
            self::EndingDemands => 'asks for something before it ends',
            self::NoSaysMore => 'is a no that says more than no',
            self::PapersMentioned => 'has terms or the notice beside agreeing',
            default => 'means “'.str_replace('-', ' ', $this->value).'”',
        };
    }
}
