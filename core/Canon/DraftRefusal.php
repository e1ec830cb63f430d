<?php

declare(strict_types=1);

namespace Juramen\Canon;

/** Why something may not be written, or no form can be made of it. All words of such refusals stand here. */
enum DraftRefusal: string implements Refusal
{
    case UnknownPlace = 'unknown-place';
    case NotADocument = 'not-a-document';
    case Missing = 'missing';
    case NotText = 'not-text';
    case TooLong = 'too-long';
    case NotOneLine = 'not-one-line';
    case NotYesNo = 'not-yes-no';
    case NotInRange = 'not-in-range';
    case NotOneOf = 'not-one-of';
    case NotAmong = 'not-among';
    case NotOfForm = 'not-of-form';
    case NoneGiven = 'none-given';
    case GivenTwice = 'given-twice';
    case TooMany = 'too-many';
    case ItemWithoutId = 'item-without-id';
    case ItemGone = 'item-gone';
    case NotASlug = 'not-a-slug';
    case NotADay = 'not-a-day';
    case NotACountry = 'not-a-country';
    case NotAnAddress = 'not-an-address';
    case NotALink = 'not-a-link';
    case NotHosts = 'not-hosts';
    case NotAColour = 'not-a-colour';
    case NoSuchPlaceholder = 'no-such-placeholder';
    case NoPlaceholderHere = 'no-placeholder-here';
    case NoLinkHere = 'no-link-here';
    case NotAPicture = 'not-a-picture';
    case ChildAge = 'child-age';
    case NoReason = 'no-reason';
    case NoSuchRule = 'no-such-rule';
    case ReminderTooLate = 'reminder-too-late';
    case NotWritten = 'not-written';
    case EmailField = 'email-field';
    case EmailAlways = 'email-always';
    case EndsBeforeItBegins = 'ends-before-it-begins';
    case FieldTwice = 'field-twice';
    case NoSuchController = 'no-such-controller';
    case NoSuchPurpose = 'no-such-purpose';
    case NoSuchStatement = 'no-such-statement';
    case NotForConsent = 'not-for-consent';
    case StandsOnSheet = 'stands-on-sheet';
    case NotAnEdition = 'not-an-edition';
    case NotPublishedIn = 'not-published-in';
    case FileTooLarge = 'file-too-large';
    case FileEmpty = 'file-empty';
    case FileNotUtf8 = 'file-not-utf8';
    case FileNotJson = 'file-not-json';
    case FileWithoutStatements = 'file-without-statements';
    case FileStatementBroken = 'file-statement-broken';
    case FileColumns = 'file-columns';
    case RowNoStatement = 'row-no-statement';
    case RowNoLanguage = 'row-no-language';
    case RowTwice = 'row-twice';
    case RowTooLong = 'row-too-long';
    case RowUnknownPlaceholder = 'row-unknown-placeholder';
    case RowDamagedPlaceholder = 'row-damaged-placeholder';
    case RowLostPlaceholder = 'row-lost-placeholder';
    case RowAddedPlaceholder = 'row-added-placeholder';

    public function words(): string
    {
        return match ($this) {
            self::UnknownPlace => 'This cannot be changed here.',
            self::NotADocument => 'These bytes are no document.',
            self::Missing => ':what is missing.',
            self::NotText => ':what is no text.',
            self::TooLong => ':what has at most :most characters, not :count.',
            self::NotOneLine => ':what is one line of text, without line breaks.',
            self::NotYesNo => ':what is yes or no.',
            self::NotInRange => ':what is a number from :least to :most, not “:given”.',
            self::NotOneOf => ':what is one of: :names.',
            self::NotAmong => '“:given” is not among :what to choose from: :names.',
            self::NotOfForm => '“:given” cannot be among :what.',
            self::NoneGiven => 'There are no :what; give at least one.',
            self::GivenTwice => 'Of :what one is given twice.',
            self::TooMany => 'There are at most :most :what.',
            self::ItemWithoutId => 'Each of :what has an id of its own.',
            self::ItemGone => 'What this was typed in has been taken away meanwhile; undo brings it back.',
            self::NotASlug => '“:given” cannot be a short name: use lower-case letters, digits and hyphens.',
            self::NotADay => '“:given” is not a day; write it like 2026-12-31.',
            self::NotACountry => '“:given” is not a country\'s two-letter code.',
            self::NotAnAddress => ':what is one email address, like voyages@tidewick.example, and nothing else.',
            self::NotHosts => '“:given” in :what are no names of hosts; write them like tidewick.example, with a comma between.',
            self::NotALink => '“:given” is not the address of a page; it begins with https://.',
            self::NotAPicture => 'An image is put above a form by choosing its file.',
            self::NoSuchPlaceholder => ':what knows no “:given”; what is filled in there is one of :names.',
            self::NoPlaceholderHere => ':what is the same in every mail, so nothing in braces is filled in there, and “:given” cannot stand.',
            self::NoLinkHere => ':what has no link of its own: a mail has its button, the link that stops, and the privacy notice.',
            self::NotAColour => '“:given” is not a colour like #7a3a12.',
            self::ChildAge => 'In :country a child consents alone from :least to :most years, not from “:given”.',
            self::NoReason => 'A departure from the house rules needs a reason: say in a sentence (:least to :most characters) why this point is different,'
                .' so that somebody else understands it next year.',
            self::NoSuchRule => '“:given” is no rule of the house; those are :names.',
            self::ReminderTooLate => 'A reminder after :reminder days comes too late where a sign-up lapses after :lapse.',
            self::NotWritten => 'A text is missing in :language.',
            self::EmailField => 'A form asks for the email address, once and required.',
            self::EndsBeforeItBegins => 'It would end on :last, before it begins on :first. Change one of the two days.',
            self::EmailAlways => 'The email address is always asked; it cannot hang on another answer.',
            self::FieldTwice => 'This form asks for :what already.',
            self::NoSuchController => 'There is no controller “:id” in the register.',
            self::NoSuchPurpose => 'There is no purpose “:id” in the register.',
            self::NoSuchStatement => 'There is no statement “:id” in the register, or it is retired; choose another one.',
            self::NotForConsent => '“:id” does not ask for consent (:basis), so no tick box can stand for it on a form of ours.',
            self::StandsOnSheet => 'This statement stands on a sheet, where a tick box asks for consent; its purpose has to stand on consent too.',
            self::NotAnEdition => 'These bytes are not an edition of a form that we know.',
            self::NotPublishedIn => 'This edition was not published in :language.',
            self::FileTooLarge => 'The file is larger than :most MB.',
            self::FileEmpty => 'The file is empty.',
            self::FileNotUtf8 => 'The file is not in UTF-8; save it as “CSV UTF-8” or as JSON.',
            self::FileNotJson => 'The file is not whole JSON: :why.',
            self::FileWithoutStatements => 'The JSON has no "statements"; it looks like {"statements":[{"id":"...","texts":{"en":"..."}}]}.',
            self::FileStatementBroken => 'Statement :number of the JSON has no id, or no texts by language.',
            self::FileColumns => 'The first line of the CSV names the columns; these are needed: :names. Missing: :missing.',
            self::RowNoStatement => 'There is no statement “:id” in the register.',
            self::RowNoLanguage => '“:given” is not a language we know; those are :names.',
            self::RowTwice => 'It stands in the file twice.',
            self::RowTooLong => 'It has more than :most characters.',
            self::RowUnknownPlaceholder => ':given is no placeholder; it should be one of :names.',
            self::RowDamagedPlaceholder => 'A placeholder is damaged: a brace is left alone, or there are spaces within.',
            self::RowLostPlaceholder => ':given is gone, which the text had.',
            self::RowAddedPlaceholder => ':given has come in, which the text did not have.',
        };
    }
}
