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

/** Nobody pressed the button of the mail in time: what was to be confirmed by mail ends. */
final readonly class Lapsed extends JourneyEnd
{
    /** @param  Channel|null  $through  that was not confirmed; null in entries of format 1, in which everything that was asked ended */
    public function __construct(Instant $occurred, Id $journey, ?Channel $through = Channel::Email)
    {
        parent::__construct($occurred, How::Clock, $journey, $through);
    }

    public function kind(): EntryKind
    {
        return EntryKind::Lapsed;
    }

    public function reason(): Reason
    {
        return Reason::Lapsed;
    }

    protected static function of(Members $members, Instant $occurred, How $how): self
    {
        return new self($occurred, $members->id('journey'), $members->through());
    }
}
