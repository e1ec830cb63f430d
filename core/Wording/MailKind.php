<?php

declare(strict_types=1);

namespace Juramen\Wording;

/** The mails of a house to people outside, whose words it can choose. */
enum MailKind: string
{
    case Confirmation = 'confirmation';
    /** Other words of the confirmation, which chance allots to half of those who are asked. */
    case Second = 'confirmation-second';
    case Reminder = 'reminder';
    case Welcome = 'welcome';
    case Choices = 'choices';
    case Details = 'details';
    case NoChosen = 'no-chosen';
    case Withdrawn = 'withdrawn';
    case Acknowledgement = 'acknowledgement';

    /** As the office calls it. */
    public function title(): string
    {
        return match ($this) {
            self::Confirmation => 'Confirmation',
            self::Second => 'Confirmation, second wording',
            self::Reminder => 'Reminder',
            self::Welcome => 'Welcome',
            self::Choices => 'Nothing has changed',
            self::Details => 'Details to take over',
            self::NoChosen => 'A no was chosen',
            self::Withdrawn => 'Withdrawn',
            self::Acknowledgement => 'Acknowledgement',
        };
    }

    /** When it goes out, and to whom. */
    public function when(): string
    {
        return match ($this) {
            self::Confirmation => 'to whoever ticked: its button confirms',
            self::Second => 'to half of those who ticked, by chance, while both wordings are approved: which of them confirms better',
            self::Reminder => 'once, to whoever has not confirmed yet, where the rules remind',
            self::Welcome => 'to whoever has confirmed, or agreed without confirmation',
            self::Choices => 'to somebody known who agreed to the same again',
            self::Details => 'to somebody known with whose address other details were entered',
            self::NoChosen => 'to somebody known with whose address a no was chosen',
            self::Withdrawn => 'to whoever withdrew by phone, by letter or in person, and so saw no page that says it',
            self::Acknowledgement => 'to whoever sent a message, an order or an entry',
        };
    }

    /** @return list<MailPart> in the order in which they are read */
    public function parts(): array
    {
        return match ($this) {
            self::Confirmation, self::Second, self::Reminder => [
                MailPart::Subject, MailPart::Greeting, MailPart::GreetingWithoutName, MailPart::Heading, MailPart::Because, MailPart::Button, MailPart::Ignore,
            ],
            self::Welcome => [
                MailPart::Subject, MailPart::Greeting, MailPart::GreetingWithoutName, MailPart::Text, MailPart::WithdrawText, MailPart::Withdraw,
            ],
            self::Choices, self::NoChosen => [
                MailPart::Subject, MailPart::Heading, MailPart::Because, MailPart::WithdrawText, MailPart::Withdraw, MailPart::Ignore,
            ],
            self::Details => [
                MailPart::Subject, MailPart::Heading, MailPart::Because, MailPart::Button, MailPart::WithdrawText, MailPart::Withdraw, MailPart::Ignore,
            ],
            self::Withdrawn, self::Acknowledgement => [MailPart::Subject, MailPart::Heading, MailPart::Text, MailPart::Ignore],
        };
    }

    /** @return list<string> what stands in it and cannot be taken out, in the order in which it is read */
    public function locked(): array
    {
        $stop = 'the link by which everything stops, in one press (Art. 7(3); RFC 8058)';
        $legal = 'the controller with its address, another contact, and the privacy notice';

        return match ($this) {
            self::Confirmation, self::Second, self::Reminder => [
                'the words that were agreed to, as they stood on the form', 'the link behind the button, also in the text, so that it survives copying',
                'no link to unsubscribe, since nobody has subscribed yet (in Canada there is one)', $legal,
            ],
            self::Welcome, self::Choices => [
                'the words that were agreed to, as they stood on the form', 'the link to a gift, where the form gives one', $stop, $legal,
            ],
            self::NoChosen => ['the words that were agreed to, as they stood on the form', $stop, $legal],
            self::Details => ['the link behind the button, also in the text', 'nothing of what was typed', $stop, $legal],
            self::Withdrawn => ['no advertising, and no way back in: nobody who withdrew is asked again', $legal],
            self::Acknowledgement => ['nothing of what was typed', 'no advertising (BGH VI ZR 134/15)', 'the link to a gift, where the form gives one', $legal],
        };
    }

    /** Whose words stand where this kind says nothing of its own. */
    public function behind(): self
    {
        return $this === self::Second ? self::Confirmation : $this;
    }

    /** Whether it is sent for something else than what somebody agreed to be sent, so that it carries no advertising. */
    public function isService(): bool
    {
        return $this !== self::Welcome && $this !== self::Choices;
    }
}
