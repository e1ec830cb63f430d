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

/** Nobody pressed the button of the mail in time: what was to be confirmed by mail ends. */
final readonly class Lapsed extends Act implements EndsJourney
{
    /**
     * @param  Channel|null  $through  the channel that was not confirmed; null in entries of format 1, in which everything that was asked ended
     */
    public function __construct(Instant $occurred, public Id $journey, public ?Channel $through = Channel::Email)
    {
        parent::__construct($occurred, How::Clock);
    }

    public function kind(): EntryKind
    {
        return EntryKind::Lapsed;
    }

    public function journey(): Id
    {
        return $this->journey;
    }

    public function reason(): Reason
    {
        return Reason::Lapsed;
    }

    public function through(): ?Channel
    {
        return $this->through;
    }

    protected function members(): array
    {
        return ['journey' => $this->journey->hex(), 'through' => $this->through?->value];
    }

    protected static function of(Members $members, Instant $occurred, How $how): self
    {
        return new self($occurred, $members->id('journey'), $members->through());
    }
}
