<?php

declare(strict_types=1);

namespace Juramen\Consent\Acts;

use Juramen\Canon\Instant;
use Juramen\Consent\Act;
use Juramen\Consent\EntryKind;
use Juramen\Consent\How;
use Juramen\Consent\Members;

/** A form is taken off the air: no new edition, and no second person is waited for. */
final readonly class Paused extends Act
{
    public function __construct(Instant $occurred, public string $point, public string $reason, public string $by)
    {
        parent::__construct($occurred, How::Officer);
    }

    public function kind(): EntryKind
    {
        return EntryKind::Paused;
    }

    public function point(): string
    {
        return $this->point;
    }

    protected function members(): array
    {
        return ['point' => $this->point, 'details' => ['reason' => $this->reason, 'by' => $this->by]];
    }

    protected static function of(Members $members, Instant $occurred, How $how): self
    {
        $details = $members->within('details');
        $act = new self($occurred, $members->text('point'), $details->text('reason'), $details->text('by'));
        $details->end();

        return $act;
    }
}
