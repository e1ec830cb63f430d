<?php

declare(strict_types=1);

namespace Juramen\Consent\Acts;

use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Consent\Act;
use Juramen\Consent\EndsJourney;
use Juramen\Consent\EntryKind;
use Juramen\Consent\How;
use Juramen\Consent\Members;
use Juramen\Consent\Reason;
use Juramen\Register\Channel;

/** The message in which the person was asked was refused for its address, or came back: what was to be confirmed through that channel ends. */
final readonly class Undeliverable extends Act implements EndsJourney
{
    public function __construct(Instant $occurred, public Id $journey, public Channel $through = Channel::Email)
    {
        parent::__construct($occurred, How::MailReturned);
    }

    public function kind(): EntryKind
    {
        return EntryKind::Undeliverable;
    }

    public function journey(): Id
    {
        return $this->journey;
    }

    public function reason(): Reason
    {
        return Reason::Undeliverable;
    }

    public function through(): Channel
    {
        return $this->through;
    }

    protected function members(): array
    {
        return ['journey' => $this->journey->hex(), 'through' => $this->through->value];
    }

    protected static function of(Members $members, Instant $occurred, How $how): self
    {
        return new self($occurred, $members->id('journey'), $members->channel('through'));
    }
}
