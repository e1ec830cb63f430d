<?php

declare(strict_types=1);

namespace Juramen\Consent\Acts;

use Juramen\Canon\Digest;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Consent\Act;
use Juramen\Consent\EntryKind;
use Juramen\Consent\How;
use Juramen\Consent\Members;
use Juramen\Register\Channel;

/** Somebody pressed the button behind a mail's link: what goes by that channel is confirmed through its own address. */
final readonly class Confirmed extends Act
{
    /**
     * @param  list<Digest>  $personal
     * @param  Channel|null  $through  the channel that was confirmed; null in entries of format 1, in which one press settled all that was asked
     */
    public function __construct(Instant $occurred, public Id $journey, public array $personal, public ?Channel $through = Channel::Email)
    {
        parent::__construct($occurred, How::LinkPage);
    }

    public function kind(): EntryKind
    {
        return EntryKind::Confirmed;
    }

    public function journey(): Id
    {
        return $this->journey;
    }

    public function personal(): array
    {
        return $this->personal;
    }

    protected function members(): array
    {
        return ['journey' => $this->journey->hex(), '_sd' => self::sorted($this->personal), 'through' => $this->through?->value];
    }

    protected static function of(Members $members, Instant $occurred, How $how): self
    {
        return new self($occurred, $members->id('journey'), $members->digests('_sd'), $members->through());
    }
}
