<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

/**
 * A class of words that do the same work in a sentence about consent. Which words belong to it stands in each language's files; what
 * follows where such words stand together stands in the frames, once for all languages.
 */
enum WordClass: string
{
    // What a visitor does.
    /** Goes on with something else: orders, books, enters, continues, sends the form. */
    case Does = 'does';
    /** Asks for the very thing that is sent: subscribes, signs up for the letter. */
    case Subscribes = 'subscribes';
    case Ticks = 'ticks';
    /** Takes a tick away. */
    case Unticks = 'unticks';
    /** Leaves a box empty. */
    case LeavesEmpty = 'leaves-empty';
    /** What one comes for: a ticket, a guide, a prize, an answer. */
    case Wanted = 'wanted';
    case TickedAlready = 'ticked-already';

    // What ties a deed to its meaning.
    case By = 'by';
    case Signifies = 'means';
    case Assumes = 'assumes';
    case Automatic = 'automatic';
    /** Puts somebody on a list. */
    case Adds = 'adds';
    case Tells = 'tells';

    // Agreeing.
    case Agrees = 'agrees';
    /** Says that something is so: confirms, certifies. Its words are entered under agreeing too. */
    case Confirms = 'confirms';
    case Wants = 'wants';
    case May = 'may';
    case Yes = 'yes';

    // Needing.
    case Must = 'must';
    case Free = 'free';
    case Exchange = 'exchange';
    case Only = 'only';
    /** What follows if one does not agree. */
    case Otherwise = 'otherwise';
    case Unable = 'unable';
    /** What begins a purpose: "in order to". */
    case InOrder = 'in-order-to';
    case Without = 'without';

    // No.
    case Not = 'not';
    /** A "not" that goes on with another: "never sold nor shared". Its words are entered under not too. */
    case Nor = 'nor';
    case NoLonger = 'no-longer';
    /** To miss something, which nobody wants: its negation asks for a yes. */
    case Misses = 'misses';
    case Refuses = 'refuses';

    // What opens a clause.
    case If = 'if';
    case Unless = 'unless';
    case When = 'when';
    case Who = 'who';
    case That = 'that';
    case So = 'so';
    case Joins = 'joins';

    // Ending it.
    /** Ends consent, and nothing else: withdraws, unsubscribes. */
    case Withdraws = 'withdraws';
    /** Ends, stops, leaves: consent, if it is about that. */
    case Ends = 'ends';
    case Way = 'way';
    case AnyTime = 'any-time';
    case Until = 'until';
    case HardWay = 'hard-way';
    case NeverEnds = 'never-ends';
    /** A right to give goods back, which is not about consent. */
    case Returns = 'returns';
    case Objects = 'objects';

    // Sending.
    case Sends = 'sends';
    case Gets = 'gets';
    case Carrier = 'carrier';
    /** Of what Carrier holds, that which says by its name what is in it. */
    case Catalogue = 'catalogue';
    case Vague = 'vague';
    case Advertising = 'advertising';
    case Price = 'price';
    case ByEmail = 'by-email';
    case BySms = 'by-sms';
    case ByPhone = 'by-phone';
    case ByPost = 'by-post';
    case ByMessaging = 'by-messaging';
    /** "By any means": by email, text and phone alike. */
    case ByAnyMeans = 'by-any-means';
    case Choice = 'as-chosen';

    // How often.
    case Rate = 'rate';
    case Unit = 'unit';
    case Each = 'each';
    case Number = 'number';
    case Per = 'per';
    /** What tells how long something lasts, and not how often it comes: "for a year". */
    case Lasting = 'lasting';

    // Others.
    case Outsider = 'outsider';
    case Processor = 'processor';
    case Passes = 'passes';
    /** Somebody is let do something: "let them write to me". */
    case Lets = 'lets';
    /** Passes for money. */
    case Sells = 'sells';
    /** Laws by their names, whose words mean nothing else there: "commercial and tax law". */
    case Law = 'law';
    case Details = 'details';
    case Uses = 'uses';
    /** Of what From holds, that by which something comes from somebody, and is not about them. */
    case Whose = 'whose';
    /** Before what is a part of somebody named: "and its team". */
    case Its = 'its';
    case They = 'they';
    case From = 'from';
    /** To whom something goes. */
    case Towards = 'towards';
    case Namely = 'namely';
    /** Companies that belong together: what stands beside it is what they are called, and names none of them. */
    case Group = 'group';

    // Pictures of people.
    case Picture = 'picture';
    /** Shows to anybody: puts on a website, prints in a paper. */
    case Publishes = 'publishes';

    // Papers.
    case Terms = 'terms';
    /** That details are processed, whatever for. Its words are entered under the notice too. */
    case Processing = 'processing';
    case Notice = 'notice';
    case Reads = 'reads';
    case According = 'according';

    // Watching.
    case Profiles = 'profiles';
    case Measures = 'measures';
    case Opens = 'opens';

    // What is delicate.
    case Health = 'health';
    /** Houses that may keep delicate data of their own people: churches, unions, parties. Source: GDPR Art. 9(2)(d). */
    case OwnGround = 'own-ground';
    case Abroad = 'abroad';
    case Unsafe = 'unsafe';
    case Child = 'child';
    /** A club, a letter or a game that is for children by its name. */
    case ForChildren = 'for-children';
    /** Whom it is for, said first, and they are children: "for members under 13". */
    case Young = 'young';
    case Parent = 'parent';
    case Age = 'age';
    case Friend = 'friend';

    // Leaning on people.
    case Presses = 'presses';
    case Shames = 'shames';
    /** What somebody likes better: "No, I prefer ...". */
    case Rather = 'rather';

    // Who.
    case Self = 'self';
    case I = 'i';
    /** Forms of persons that do nothing themselves: "me", "your". They are entered under their person too. */
    case NoSubject = 'no-subject';
    case You = 'you';
    case Everybody = 'everybody';
    /** Who gets it already, having asked for it: subscribers, readers of the letter. */
    case Subscribed = 'subscribed';

    // Style, and the rule for customers.
    case Legalese = 'legalese';
    /** A no of a no: "not unlikely". */
    case DoubleNo = 'double-no';
    case Similar = 'similar';
    case Sale = 'sale';

    /** That something comes besides: "also", "too". */
    case Also = 'also';
    /** Opens what comes, by what becomes of it: "what we grind, and what people bake of it". */
    case What = 'what';
    /** How a house trades: when it is open, what delivery costs, until when a booking is cancelled. Nothing comes of that by email. */
    case Trades = 'trades';
    /** Words that say nothing of what comes: articles, prepositions, praise. */
    case Little = 'little';

    // What forms and fields are for.
    case Technical = 'technical';
    /** What is told of the very thing that was ordered: when it comes, that it is due, its receipt. */
    case Service = 'service';
    /** What a message or a call is about: "what is it about?", "subject". */
    case Matter = 'matter';
    case Reason = 'reason';

    /** What something is asked for, in a sentence of its own: "so that we", "in case". */
    case Aim = 'aim';
    case Login = 'login';
    case Search = 'search';
    case Contact = 'contact';
    /** "Let us stay in touch": who fills in such a form asks nothing. */
    case Touch = 'stays-in-touch';
    /** Somebody asks to be called back. */
    case CallsBack = 'calls-back';
    case Order = 'order';
    case Account = 'account';
    /** A card or a club of customers, which one is a member of. */
    case Loyalty = 'loyalty';
    /** "To answer my enquiry": what somebody wrote for, and no advertising. */
    case Answers = 'answers';
    /** What one puts oneself down for: a webinar, a table, a petition. */
    case Occasion = 'occasion';
    /** What one books to try or to see, and buys nothing: a test drive, a demo, a viewing. */
    case Tries = 'tries';
    /** People are asked what they think, and for nothing else. */
    case Survey = 'survey';

    /** "How was your journey?": somebody asks what people think of what they had. */
    case HowItWas = 'how-it-was';

    /** Somebody is to answer surveys: "take part in your surveys". */
    case TakesPart = 'takes-part';
    /** What hangs on somebody's age: the price of insurance, who may buy wine. */
    case ByAge = 'by-age';
    /** What is reckoned for somebody's own house or thing: a quote, a valuation. */
    case Estimate = 'estimate';
    /** "About this": what the words before were about. */
    case AsBefore = 'as-before';
    /** Somebody asks to be reminded of a day, or told when a price falls. */
    case Reminds = 'reminds';
    /** Whose form it is, by what it is: "the hotel", "the club". */
    case House = 'house';
    /** What somebody has, is or did already, and wishes for nothing by it: "do you have a voucher", "I already get your letter". */
    case HasAlready = 'has-already';
    /** What a thing or a group is called, and nobody's own name: "team name". */
    case FieldThing = 'field-thing';
    /** Of what a letter may speak one is to choose: "topics", "what interests you". */
    case Topics = 'topics';
    /** Something is passed on to others by whoever likes it: "tell a friend", "share this". */
    case Recommends = 'recommends';
    /** Somebody asks to be told of jobs again and again. */
    case JobAlerts = 'job-alerts';
    /** Somebody asks what something costs, or what theirs is worth: "what is your boat worth", "show my price". */
    case Priced = 'priced';
    case Draw = 'draw';
    case Download = 'download';
    /** On a button, before the thing that it gives: "grab the sheet". */
    case Fetches = 'fetches';
    case Preferences = 'preferences';
    case Rights = 'rights';
    case Job = 'job';
    /** Other posts than the one applied for, for which an application is kept. */
    case LaterJobs = 'later-jobs';
    case FieldEmail = 'field-email';
    /** Somebody else, of whom something is asked: a friend's address, the name of a pet. */
    case FieldFriend = 'field-friend';
    case FieldName = 'field-name';
    case FieldPhone = 'field-phone';
    case FieldBirthday = 'field-birthday';
    /** An age, or a number that is issued to each person: no browser knows them. */
    case FieldAge = 'field-age';
    case FieldGender = 'field-gender';
    case FieldPostal = 'field-postal';
    /** Where something is brought to: "where do we bring it?" */
    case FieldDelivery = 'field-delivery';
    /** Of a house or ground that something is asked about, and which need not be where somebody lives. */
    case FieldPlace = 'field-place';
    /** Income, family, papers: what is nobody's business without a reason. */
    case FieldCircumstances = 'field-circumstances';
    case FieldEmployer = 'field-employer';
    /** A sum of money that somebody gives. */
    case FieldAmount = 'field-amount';

    /** Details are kept, or deleted. */
    case Stores = 'stores';

    /** @return list<self> the means of communication */
    public static function means(): array
    {
        return [self::ByEmail, self::BySms, self::ByPhone, self::ByPost, self::ByMessaging, self::ByAnyMeans];
    }

    /** Classes whose entries of several words take up the shorter ones within them: in "email address" nothing is sent by email. */
    private const SWALLOWING = [
        self::NoLonger->value => true, self::AnyTime->value => true, self::Details->value => true, self::Free->value => true,
        self::Misses->value => true, self::HardWay->value => true, self::NeverEnds->value => true, self::Returns->value => true,
        self::Terms->value => true, self::Notice->value => true, self::Parent->value => true, self::Outsider->value => true,
        self::Processor->value => true, self::LeavesEmpty->value => true, self::Unticks->value => true, self::TickedAlready->value => true,
        self::Law->value => true, self::Choice->value => true, self::Friend->value => true, self::Abroad->value => true, self::Unsafe->value => true,
        self::LaterJobs->value => true,
    ];

    /** Classes whose words are read only on forms and their fields, and do no work in a sentence. */
    private const OF_FORMS = [
        self::Technical->value => true, self::Service->value => true, self::Matter->value => true, self::Group->value => true,
        self::Lasting->value => true, self::Reason->value => true, self::Aim->value => true, self::Login->value => true, self::Search->value => true,
        self::Contact->value => true, self::CallsBack->value => true, self::Order->value => true, self::Account->value => true, self::Draw->value => true,
        self::Occasion->value => true, self::Tries->value => true, self::Estimate->value => true, self::ByAge->value => true,
        self::Survey->value => true, self::HowItWas->value => true, self::Loyalty->value => true, self::LaterJobs->value => true, self::Priced->value => true,
        self::Reminds->value => true, self::JobAlerts->value => true,
        self::Recommends->value => true, self::Topics->value => true,
        self::FieldThing->value => true, self::HasAlready->value => true, self::House->value => true,
        self::FieldPlace->value => true, self::AsBefore->value => true, self::OwnGround->value => true,
        self::FieldCircumstances->value => true, self::Touch->value => true, self::FieldDelivery->value => true, self::Fetches->value => true,
        self::Download->value => true, self::Preferences->value => true, self::Rights->value => true, self::Job->value => true,
        self::FieldEmail->value => true, self::FieldName->value => true, self::FieldPhone->value => true, self::FieldBirthday->value => true,
        self::FieldAge->value => true, self::FieldAmount->value => true,
        self::FieldGender->value => true, self::FieldPostal->value => true, self::FieldEmployer->value => true, self::Stores->value => true,
    ];

    /** Whether its entries of several words take up the shorter ones within them. */
    public function swallows(): bool
    {
        return isset(self::SWALLOWING[$this->value]);
    }

    /** Whether words of this class are read only on forms and their fields, and do no work in a sentence. */
    public function isOfForms(): bool
    {
        return isset(self::OF_FORMS[$this->value]);
    }
}
