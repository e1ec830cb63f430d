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

/** The person mended the address before confirming: what was asked under the wrong one ends; the right one begins a chain of its own. */
final readonly class AddressCorrected extends JourneyEnd
{
    public function __construct(Instant $occurred, Id $journey)
    {
        parent::__construct($occurred, How::FormServed, $journey, null);
    }

    public function kind(): EntryKind
    {
        return EntryKind::AddressCorrected;
    }

    public function reason(): Reason
    {
        return Reason::AddressCorrected;
    }

    protected static function of(Members $members, Instant $occurred, How $how): self
    {
        return new self($occurred, $members->id('journey'));
    }
}
