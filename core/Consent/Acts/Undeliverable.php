<?php

declare(strict_types=1);

namespace Juramen\Consent\Acts;

use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Consent\EntryKind;
use Juramen\Consent\How;
use Juramen\Consent\JourneyEnd;
use Juramen\Consent\Members;
use Juramen\Consent\Reason;
use Juramen\Register\Channel;

/** The message in which the person was asked was refused for its address, or came back: what was to be confirmed through that channel ends. */
final readonly class Undeliverable extends JourneyEnd
{
    public function __construct(Instant $occurred, Id $journey, Channel $through = Channel::Email)
    {
        parent::__construct($occurred, How::MailReturned, $journey, $through);
    }

    public function kind(): EntryKind
    {
        return EntryKind::Undeliverable;
    }

    public function reason(): Reason
    {
        return Reason::Undeliverable;
    }

    protected static function of(Members $members, Instant $occurred, How $how): self
    {
        return new self($occurred, $members->id('journey'), $members->channel('through'));
    }
}
