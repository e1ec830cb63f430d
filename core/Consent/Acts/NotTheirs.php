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

/** Whoever has the inbox said that somebody else had entered it: what that sign-up asked for ends, and what it gave. */
final readonly class NotTheirs extends Act implements EndsJourney
{
    public function __construct(Instant $occurred, public Id $journey)
    {
        parent::__construct($occurred, How::LinkPage);
    }

    public function kind(): EntryKind
    {
        return EntryKind::NotTheirs;
    }

    public function journey(): Id
    {
        return $this->journey;
    }

    public function reason(): Reason
    {
        return Reason::NotTheirs;
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
