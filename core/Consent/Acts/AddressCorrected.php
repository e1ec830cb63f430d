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

/** The person mended the address before confirming: what was asked under the wrong one ends; the right one begins a chain of its own. */
final readonly class AddressCorrected extends Act implements EndsJourney
{
    public function __construct(Instant $occurred, public Id $journey)
    {
        parent::__construct($occurred, How::FormServed);
    }

    public function kind(): EntryKind
    {
        return EntryKind::AddressCorrected;
    }

    public function journey(): Id
    {
        return $this->journey;
    }

    public function reason(): Reason
    {
        return Reason::AddressCorrected;
    }

    public function through(): null
    {
        return null;
    }

    protected function members(): array
    {
        return ['journey' => $this->journey->hex()];
    }

    protected static function of(Members $members, Instant $occurred, How $how): self
    {
        return new self($occurred, $members->id('journey'));
    }
}
