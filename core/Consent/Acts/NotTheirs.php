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

/** Whoever has the inbox said that somebody else had entered it: what that sign-up asked for ends, and what it gave. */
final readonly class NotTheirs extends JourneyEnd
{
    public function __construct(Instant $occurred, Id $journey)
    {
        parent::__construct($occurred, How::LinkPage, $journey, null);
    }

    public function kind(): EntryKind
    {
        return EntryKind::NotTheirs;
    }

    public function reason(): Reason
    {
        return Reason::NotTheirs;
    }

    protected static function of(Members $members, Instant $occurred, How $how): self
    {
        return new self($occurred, $members->id('journey'));
    }
}
