<?php

declare(strict_types=1);

namespace Juramen\Wording;

/** A part of a mail that a house can word for itself. What the law or the link needs stands between them and is no part. */
enum MailPart: string
{
    case Subject = 'subject';
    case Heading = 'heading';
    case Greeting = 'greeting';
    case GreetingWithoutName = 'greeting-without-name';
    case Because = 'because';
    case Text = 'text';
    case Button = 'button';
    case WithdrawText = 'withdraw-text';
    case Withdraw = 'withdraw';
    case Ignore = 'ignore';

    /** As the office calls it. */
    public function title(): string
    {
        return match ($this) {
            self::Subject => 'Subject',
            self::Heading => 'Heading',
            self::Greeting => 'Greeting, where a name was given',
            self::GreetingWithoutName => 'Greeting, where none was',
            self::Because => 'Why the mail comes',
            self::Text => 'Text',
            self::Button => 'The button',
            self::WithdrawText => 'Before the link that stops',
            self::Withdraw => 'The link that stops',
            self::Ignore => 'Whoever it was not',
        };
    }

    /** In characters: a subject that phones show, a button that fits on one line. */
    public function longest(): int
    {
        return match ($this) {
            self::Subject => 120,
            self::Button, self::Withdraw => 50,
            self::Heading, self::Greeting, self::GreetingWithoutName => 100,
            self::Because, self::Text, self::WithdrawText, self::Ignore => 600,
        };
    }

    /** @return list<MailPlaceholder> that may stand in it */
    public function placeholders(): array
    {
        return match ($this) {
            self::Greeting => [MailPlaceholder::Name],
            self::Button, self::Withdraw, self::GreetingWithoutName => [],
            default => [MailPlaceholder::Title, MailPlaceholder::Controller, MailPlaceholder::Days],
        };
    }
}
