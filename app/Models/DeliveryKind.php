<?php

declare(strict_types=1);

namespace App\Models;

/** What goes out; each kind has a handler of its own in App\Actions\Delivery\DeliveryHandlers. */
enum DeliveryKind: string
{
    /** Asks a person to confirm. */
    case Confirmation = 'confirmation';
    /** Asks once more, where the rules of the house say so. */
    case Reminder = 'reminder';
    /** Asks once more, because the person wanted the mail again. */
    case Resent = 'resent';
    /** Asks a person to confirm a number, by a message to it. */
    case NumberConfirmation = 'number-confirmation';
    /** Says what was agreed to and how it ends. */
    case Welcome = 'welcome';
    /** Says to somebody known that nothing has changed, since they had agreed before. */
    case Choices = 'choices';
    /** Asks somebody known whether details that were entered are theirs. */
    case Details = 'details';
    /** Asks somebody known whether a no that was chosen is theirs. */
    case NoChosen = 'no-chosen';
    /** Says that a withdrawal which reached the house otherwise than by its links is entered. */
    case Withdrawn = 'withdrawn';
    /** Brings what somebody wanted to whoever answers it. */
    case Enquiry = 'enquiry';
    /** How many came on a day, to whoever answers them. */
    case DailyCount = 'daily-count';
    /** Tells a destination how somebody stands on one of our lists. */
    case Handover = 'handover';
    /** Says to whoever sent it that it has arrived. */
    case Acknowledgement = 'acknowledgement';
    /** The day's checkpoint of the ledger, for an auditor. */
    case Checkpoint = 'checkpoint';
    /** A mail of the house, to whoever words it. */
    case Proof = 'proof';
    /** Asks whoever reads an address whether mails may come from it. */
    case Sender = 'sender';
    /** Somebody may work here from now on. */
    case Invitation = 'invitation';
    /** Somebody who works here has forgotten the password. */
    case Password = 'password';

    /** Whether it may go out twice without harm, and so is tried again where nobody knows whether it did. */
    public function mayRepeat(): bool
    {
        return $this === self::Handover;
    }
}
