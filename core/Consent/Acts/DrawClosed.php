<?php

declare(strict_types=1);

namespace Juramen\Consent\Acts;

use Juramen\Canon\Digest;
use Juramen\Canon\Instant;
use Juramen\Consent\Act;
use Juramen\Consent\EntryKind;
use Juramen\Consent\How;
use Juramen\Consent\Members;

/** A prize draw is closed: who takes part is settled, by the digest of random ids. */
final readonly class DrawClosed extends Act
{
    public function __construct(Instant $occurred, public string $point, public Digest $entries, public int $count, public string $by)
    {
        parent::__construct($occurred, How::Officer);
    }

    public function kind(): EntryKind
    {
        return EntryKind::DrawClosed;
    }

    public function point(): string
    {
        return $this->point;
    }

    protected function members(): array
    {
        return ['point' => $this->point, 'details' => ['entries' => $this->entries->hex(), 'count' => $this->count, 'by' => $this->by]];
    }

    protected static function of(Members $members, Instant $occurred, How $how): self
    {
        $details = $members->within('details');

        return new self($occurred, $members->text('point'), $details->digest('entries'), $details->number('count'), $details->text('by'));
    }
}
