<?php

declare(strict_types=1);

namespace Juramen\Consent\Acts;

use Juramen\Canon\Digest;
use Juramen\Canon\Instant;
use Juramen\Consent\Act;
use Juramen\Consent\EntryKind;
use Juramen\Consent\How;
use Juramen\Consent\Members;

/** A prize draw begins: nobody has taken part yet, and its seed is settled. */
final readonly class DrawBegun extends Act
{
    public function __construct(Instant $occurred, public string $point, public Digest $seed, public string $by)
    {
        parent::__construct($occurred, How::Officer);
    }

    public function kind(): EntryKind
    {
        return EntryKind::DrawBegun;
    }

    public function point(): string
    {
        return $this->point;
    }

    protected function members(): array
    {
        return ['point' => $this->point, 'details' => ['seed' => $this->seed->hex(), 'by' => $this->by]];
    }

    protected static function of(Members $members, Instant $occurred, How $how): self
    {
        $details = $members->within('details');

        return new self($occurred, $members->text('point'), $details->digest('seed'), $details->text('by'));
    }
}
