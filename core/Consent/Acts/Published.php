<?php

declare(strict_types=1);

namespace Juramen\Consent\Acts;

use Juramen\Canon\Digest;
use Juramen\Canon\Instant;
use Juramen\Consent\Act;
use Juramen\Consent\EntryKind;
use Juramen\Consent\How;
use Juramen\Consent\Members;

/** A point is published. */
final readonly class Published extends Act
{
    public function __construct(Instant $occurred, public string $point, public Digest $edition, public string $by)
    {
        parent::__construct($occurred, How::Officer);
    }

    public function kind(): EntryKind
    {
        return EntryKind::Published;
    }

    public function point(): string
    {
        return $this->point;
    }

    public function edition(): Digest
    {
        return $this->edition;
    }

    protected function members(): array
    {
        return ['point' => $this->point, 'edition' => $this->edition->hex(), 'details' => ['by' => $this->by]];
    }

    protected static function of(Members $members, Instant $occurred, How $how): self
    {
        $details = $members->within('details');

        return new self($occurred, $members->text('point'), $members->digest('edition'), $details->text('by'));
    }
}
