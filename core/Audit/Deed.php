<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** What is counted of what was done at a signup point, and of what is kept of it. */
enum Deed: string
{
    /** Permissions that stand, from consent at the point. */
    case Permitted = 'permitted';
    /** Of them, such for whom no address is kept any more: nobody can say whose they are. */
    case PermittedOfNobody = 'permitted-of-nobody';
    /** Of them, such whose entry is not in the ledger or says no words: nobody can say what was agreed to. */
    case PermittedWithoutWords = 'permitted-without-words';
    /** Of them, such of people who never confirmed a sign-up there, though the point asks for it. */
    case PermittedUnconfirmed = 'permitted-unconfirmed';
    /** Of them, such that are older than their purpose or the house lets them become. */
    case PermittedTooLong = 'permitted-too-long';
    /** Consent to calls, not withdrawn longer than it must be documented, of which nothing is kept. */
    case CallsWithoutProof = 'calls-without-proof';
    /** Sign-ups confirmed in the last ninety days. */
    case Confirmed = 'confirmed';
    /** Of them, within seconds of the mail's acceptance. */
    case ConfirmedAtOnce = 'confirmed-at-once';
    /** Sign-ups that nobody confirmed and that are still kept after their end. */
    case WaitsPastItsEnd = 'waits-past-its-end';
    /** Sign-ups of the last thirty days through an edition that another had replaced a day before. */
    case SentByOldCopy = 'sent-by-old-copy';
    /** People handed over for a purpose, or by a channel, that they were never asked for. */
    case UsedOtherwise = 'used-otherwise';
    /** Of the network addresses kept last, those that were looked at. */
    case NetworkKept = 'network-kept';
    /** Of them, such that are not truncated. */
    case NetworkWhole = 'network-whole';
    /** Messages and held submissions that are kept past their time. */
    case KeptPastItsTime = 'kept-past-its-time';
    /** Withdrawals of the last ninety days. */
    case Withdrawn = 'withdrawn';
    /** Of them, such that somebody of the house had to be told of. */
    case WithdrawnByTelling = 'withdrawn-by-telling';
    /** People who withdrew more than a day ago, of which a destination has not heard. */
    case NotPassedOn = 'not-passed-on';
    /** Of them, such who withdrew so long ago that ten business days are over. */
    case NotPassedOnInTenDays = 'not-passed-on-in-ten-days';
    /** People whom a destination took in after they had withdrawn. */
    case TakenInAfterwards = 'taken-in-afterwards';
    /** Requests of the last year, by what they ask for. */
    case Requested = 'requested';
    /** Of them, such that were answered late, or are not answered and due. */
    case AnsweredLate = 'answered-late';
}
