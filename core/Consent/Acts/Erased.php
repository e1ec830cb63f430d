<?php

declare(strict_types=1);

namespace Juramen\Consent\Acts;

use InvalidArgumentException;
use Juramen\Canon\Digest;
use Juramen\Canon\Instant;
use Juramen\Consent\Act;
use Juramen\Consent\EntryKind;
use Juramen\Consent\How;
use Juramen\Consent\Members;

/** Personal values are deleted; the entries that carry their digests stay. */
final readonly class Erased extends Act
{
    /**
     * @param  string  $why  "lapsed", "withdrawn", "not-theirs", "address-corrected", "undeliverable" before it was confirmed,
     *                        "retention" or "request"
     * @param  non-empty-list<Digest>  $gone  of the disclosures that are deleted with this entry
     */
    public function __construct(Instant $occurred, How $how, public string $why, public array $gone)
    {
        parent::__construct($occurred, $how);
    }

    public function kind(): EntryKind
    {
        return EntryKind::Erased;
    }

    public function gone(): array
    {
        return $this->gone;
    }

    protected function members(): array
    {
        return ['gone' => self::sorted($this->gone), 'details' => ['why' => $this->why]];
    }

    protected static function of(Members $members, Instant $occurred, How $how): self
    {
        $details = $members->within('details');

        return new self(
            $occurred, $how, $details->text('why'), $members->digests('gone') ?: throw new InvalidArgumentException('An erasure names what is gone.')
        );
    }
}
