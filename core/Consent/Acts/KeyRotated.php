<?php

declare(strict_types=1);

namespace Juramen\Consent\Acts;

use Juramen\Canon\Instant;
use Juramen\Consent\Act;
use Juramen\Consent\EntryKind;
use Juramen\Consent\How;
use Juramen\Consent\Members;

/** The ledger is signed with another key from here on. */
final readonly class KeyRotated extends Act
{
    /**
     * @param  string  $note  the signed hand-over of Juramen\Log\KeyRing
     */
    public function __construct(Instant $occurred, public string $note)
    {
        parent::__construct($occurred, How::Officer);
    }

    public function kind(): EntryKind
    {
        return EntryKind::KeyRotated;
    }

    protected function members(): array
    {
        return ['details' => ['note' => $this->note]];
    }

    protected static function of(Members $members, Instant $occurred, How $how): self
    {
        $details = $members->within('details');

        return new self($occurred, $details->text('note'));
    }
}
