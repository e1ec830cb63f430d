<?php

declare(strict_types=1);

namespace App\Actions;

use Juramen\Canon\Refusal;

/** Why somebody who works here may not do something. All words of such refusals stand here. */
enum ActRefusal: string implements Refusal
{
    case NameNeeded = 'name-needed';
    case NameTaken = 'name-taken';
    case NoController = 'no-controller';
    case NoStarter = 'no-starter';
    case CannotBegin = 'cannot-begin';
    case NothingWritten = 'nothing-written';
    case WrongPoint = 'wrong-point';
    case SheetNotApproved = 'sheet-not-approved';
    case OfficersApprove = 'officers-approve';
    case ChangedSinceLooked = 'changed-since-looked';
    case NothingToApprove = 'nothing-to-approve';
    case OwnDraft = 'own-draft';
    case NoWords = 'no-words';
    case CannotBeFilled = 'cannot-be-filled';
    case BreachUnexplained = 'breach-unexplained';
    case SheetWouldBreak = 'sheet-would-break';
    case DayIsPast = 'day-is-past';
    case PointsOnLaterDay = 'points-on-later-day';
    case PointIsGone = 'point-is-gone';
    case PointNotPublished = 'point-not-published';
    case ReplyNeeded = 'reply-needed';
    case RetireReason = 'retire-reason';
    case CannotBeRetired = 'cannot-be-retired';
    case StandsOnSheets = 'stands-on-sheets';
    case StatementsAskForIt = 'statements-ask-for-it';
    case OfficersPublish = 'officers-publish';
    case NotAsLooked = 'not-as-looked';
    case NothingToPublish = 'nothing-to-publish';
    case NeverPublished = 'never-published';
    case WordsMissing = 'words-missing';
    case StatementNotApproved = 'statement-not-approved';
    case FillingNotApproved = 'filling-not-approved';
    case Unreachable = 'unreachable';
    case DeadLink = 'dead-link';
    case NoImage = 'no-image';
    case ImageTooWide = 'image-too-wide';
    case ImageGone = 'image-gone';
    case NoDraw = 'no-draw';
    case DrawStillOpen = 'draw-still-open';
    case DrawWithoutEntries = 'draw-without-entries';
    case DrawOutOfTurn = 'draw-out-of-turn';
    case DrawKeptUntil = 'draw-kept-until';
    case NotYourController = 'not-your-controller';
    case StillToDo = 'still-to-do';
    case RowOfPoints = 'row-of-points';
    case RecipientWithoutAddress = 'recipient-without-address';
    case Breach = 'breach';
    case OwnPublication = 'own-publication';
    case ExceptionsAtFault = 'exceptions-at-fault';
    case NoSuchBreach = 'no-such-breach';
    case ExceptionReason = 'exception-reason';
    case ExceptionEnd = 'exception-end';
    case OfficersPause = 'officers-pause';
    case PauseReason = 'pause-reason';
    case StillBreached = 'still-breached';
    case LibraryAtFault = 'library-at-fault';
    case AdministratorsOnly = 'administrators-only';
    case PersonName = 'person-name';
    case PersonAddress = 'person-address';
    case AddressTaken = 'address-taken';
    case NoSuchRole = 'no-such-role';
    case LastAdministrator = 'last-administrator';
    case AccountEnded = 'account-ended';
    case HasPassword = 'has-password';
    case PasswordLength = 'password-length';
    case PasswordWrong = 'password-wrong';
    case PasswordSame = 'password-same';
    case PasswordsDiffer = 'passwords-differ';
    case CodeWrong = 'code-wrong';
    case LinkOver = 'link-over';
    case FileSize = 'file-size';
    case FileKind = 'file-kind';
    case Retired = 'retired';
    case StatementsRenamed = 'statements-renamed';
    case NothingToHandOver = 'nothing-to-hand-over';
    case OfficersReturn = 'officers-return';
    case NothingHandedOver = 'nothing-handed-over';
    case NotThisSentence = 'not-this-sentence';
    case NoAnswer = 'no-answer';
    case NotAsked = 'not-asked';
    case RequestOpen = 'request-open';
    case RequestGone = 'request-gone';
    case MessageGone = 'message-gone';
    case AnsweredAlready = 'answered-already';
    case NoMoreTime = 'no-more-time';
    case TimeIsOver = 'time-is-over';
    case WhyLonger = 'why-longer';
    case NoAddressThere = 'no-address-there';
    case NotReached = 'not-reached';
    case NothingToTry = 'nothing-to-try';
    case NotAKey = 'not-a-key';
    case ListRuleBroken = 'list-rule-broken';
    case MayNotGoThere = 'may-not-go-there';
    case ListGoesThere = 'list-goes-there';
    case PeopleAreThere = 'people-are-there';
    case FilterName = 'filter-name';
    case FilterOpen = 'filter-open';
    case FilterMany = 'filter-many';

    public function words(): string
    {
        return match ($this) {
            self::NameNeeded => 'Give it a name of letters and digits, at most :most characters.',
            self::NameTaken => 'There is already a :noun called “:name”; choose another name.',
            self::NoController => 'There is no controller yet.',
            self::NoStarter => 'There is no such starter.',
            self::CannotBegin => 'This cannot be begun here.',
            self::NothingWritten => 'Nothing is written here yet.',
            self::WrongPoint => 'The sheet says it is “:point” of “:controller”, but it belongs to “:slug”.',
            self::SheetNotApproved => 'A sheet is not approved; its point is published.',
            self::OfficersApprove => 'Officers approve; you can submit what you drafted.',
            self::ChangedSinceLooked => 'It was changed after you looked at it. Look at what it is now, then approve.',
            self::NothingToApprove => 'There is nothing to approve: edition :number says the same.',
            self::OwnDraft => 'You wrote part of this draft yourself, and the house demands four eyes: :others approves it.',
            self::NoWords => 'There are no words yet: write them in at least one language.',
            self::CannotBeFilled => ':what',
            self::BreachUnexplained => 'The words have :count. Mend what is found, or say in the comment why the words may be approved all the same.',
            self::SheetWouldBreak => 'With it, no form could be made of “:sheet” any more: :why',
            self::DayIsPast => '“:day” is not a day from today on; write it like 2026-12-01.',
            self::PointsOnLaterDay => 'It holds from :day on, so no point can be published with it today.'
                .' Take the points out of the choice; on that day they stand on the desk.',
            self::PointIsGone => 'One of the chosen points does not exist any more. Look at what it is now, then approve.',
            self::PointNotPublished => ':point: :why Nothing was approved.',
            self::ReplyNeeded => 'Say in the comment what is to be changed.',
            self::RetireReason => 'Say in a sentence why it is retired.',
            self::CannotBeRetired => 'The :noun cannot be retired.',
            self::StandsOnSheets => '“:name” still stands on :sheets. Take it off these sheets first.',
            self::StatementsAskForIt => 'These statements still ask for it: :statements. Retire them first.',
            self::OfficersPublish => 'Officers publish; you can submit what you drafted.',
            self::NotAsLooked => 'It is not what you looked at any more: the sheet or the registers were changed, or it was published, after that.'
                .' Look at what it is now, then publish.',
            self::NothingToPublish => 'There is nothing to publish: visitors see exactly this already.',
            self::NeverPublished => 'It was never published; publish its sheet first.',
            self::WordsMissing => 'Words are missing in :languages, which this point offers.',
            self::StatementNotApproved => 'Nobody has approved the words of :statements.',
            self::FillingNotApproved => 'Nobody has approved what fills the words: :records.',
            self::RecipientWithoutAddress => '“:recipient” has no address yet. Write the one to which what is sent should go, or remove it.',
            self::StillToDo => ':says',
            self::RowOfPoints => 'Line :line: :says',
            self::NotYourController => 'You work for other controllers than “:controller”; somebody of theirs, or an officer, does this.',
            self::NoDraw => 'This form has no draw: it begins when a prize draw is published.',
            self::DrawStillOpen => 'It still takes entries; it can be closed once its last day is over.',
            self::DrawWithoutEntries => 'Nobody takes part, so there is nothing to draw.',
            self::DrawOutOfTurn => 'Somebody was quicker, or it is not its turn; this is how it stands now.',
            self::DrawKeptUntil => 'Give the day until which accounts need the winner\'s entry, such as 2036-12-31; it lies ahead.',
            self::NoImage => 'This is no image that can be read. A PNG, JPEG, WebP or GIF does.',
            self::ImageTooWide => 'This image has more than :most million pixels. Make it smaller first.',
            self::ImageGone => 'The image of this form is not kept here. Choose its file once more, or take it off.',
            self::DeadLink => 'The link to the document that “:field” accepts leads nowhere in :language: “:address”. Put the address of the document there.',
            self::Unreachable => '“:statement” asks for :channels, but no field of this form takes what is reached by it.'
                .' Ask for it, or choose a statement for email alone.',
            self::Breach => 'A breach stops it (:requirement): :says',
            self::OwnPublication => 'You wrote part of what would change, and the house demands four eyes: another officer publishes it.'
                .' Until then you can pause the form.',
            self::ExceptionsAtFault => 'An exception cannot be made as it was written. Nothing was published.',
            self::NoSuchBreach => 'There is no such breach on this sheet, so nothing can be excepted there.',
            self::ExceptionReason => 'Say in a sentence why this may stay, so that somebody else understands it next year.',
            self::ExceptionEnd => 'Say until when, within :most days from today.',
            self::OfficersPause => 'Officers pause forms.',
            self::PauseReason => 'Say in a sentence why, so that somebody else understands it next year.',
            self::StillBreached => 'It cannot be put on again as it is: :says Publish a mended edition; that puts it on.',
            self::LibraryAtFault => 'The file has :count that cannot be taken.',
            self::AdministratorsOnly => 'Administrators look after accounts.',
            self::PersonName => 'Give the name of the person, with at most :most characters.',
            self::PersonAddress => ':why',
            self::AddressTaken => 'There is already an account with this address; it may have ended, and can be opened again.',
            self::NoSuchRole => 'Choose what the person is here for.',
            self::LastAdministrator => ':name is the only administrator. Make somebody else one first, or nobody could look after accounts any more.',
            self::AccountEnded => 'This account has ended. Open it again first.',
            self::HasPassword => ':name has followed an invitation already, and can ask for a new password on the sign-in page.',
            self::PasswordLength => 'A password has at least :least characters and at most :most; a sentence is a good one.',
            self::PasswordWrong => 'This is not your password.',
            self::PasswordSame => 'The new password is the old one.',
            self::PasswordsDiffer => 'The two are not the same. Type the new password once more in both.',
            self::CodeWrong => 'This code does not fit. Type the one that the app shows now; each is taken once.',
            self::FileSize => 'A file of at most :most MB is kept; this one is larger, or empty.',
            self::FileKind => 'A PDF, a picture (JPEG, PNG), a text or a mail (.eml) is kept; this is something else.',
            self::Retired => 'It is retired, and stays as it was.',
            self::StatementsRenamed => 'Only statements are renamed here; everything else is called what stands on it.',
            self::NothingToHandOver => 'There is nothing to hand over: visitors see exactly this already.',
            self::OfficersReturn => 'Officers send a sheet back.',
            self::NothingHandedOver => 'It is not handed over any more: somebody was quicker.',
            self::NotThisSentence => 'This is not found in the sentence any more that you looked at. Read the note that stands there now, then answer.',
            self::NoAnswer => 'A note is answered with “in-order” or “read-wrongly”.',
            self::NotAsked => 'Only what is asked can be in order; a breach or a weakness is mended, excepted, or said to be read wrongly.',
            self::RequestOpen => 'It holds a request (:right) that is to be answered by :day. Answer that first, or say that it asks for nothing of the kind.',
            self::RequestGone => 'This request is not there any more: somebody said that nothing was asked.',
            self::MessageGone => 'The message with which it came is deleted, so nobody could be answered any more.',
            self::AnsweredAlready => 'It is answered already; somebody was quicker.',
            self::NoMoreTime => 'No more time can be taken for it.',
            self::TimeIsOver => 'The time to answer is over, and with it the time to say that it takes longer. Answer it now.',
            self::WhyLonger => 'Write what the person was told: why it takes longer, in at most :most characters.',
            self::NoAddressThere => 'Write its address first, such as https://lists.example.',
            self::NotReached => 'It could not be asked: :why. What it said before is kept.',
            self::NothingToTry => 'Write its address first, and into which group there a list goes; then it can be tried.',
            self::NotAKey => 'A key has 8 to :most characters, without spaces; copy it whole from the destination.',
            self::ListRuleBroken => 'As it is, this list would take people whom it may not have, or nobody. :why',
            self::MayNotGoThere => 'Nobody may be handed over as it is. :why Mend it, or leave it switched off.',
            self::ListGoesThere => '“:name” goes to :destinations. Take it out there first.',
            self::PeopleAreThere => ':count still there. Switch it off, take its lists out, and retire it once it has acknowledged that nobody is left.',
            self::FilterName => 'Give the filter a name of at most :most characters.',
            self::FilterOpen => 'It lets everybody through. Filter by point, language or days first, then keep it.',
            self::FilterMany => 'A list has at most :most kept filters; drop one first.',
            self::LinkOver => 'This link was used already, or its time is over. Ask for a new one.',
        };
    }
}
