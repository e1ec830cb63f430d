<?php

declare(strict_types=1);

namespace Juramen\Consent\Acts;

use Juramen\Canon\Instant;
use Juramen\Consent\Act;
use Juramen\Consent\How;
use Juramen\Consent\Members;

/** A form is taken off the air or put on again: no new edition, and no second person is waited for. */
abstract readonly class OnTheAir extends Act
{
    final public function __construct(Instant $occurred, public string $point, public string $reason, public string $by)
    {
        parent::__construct($occurred, How::Officer);
    }

    public function point(): string
    {
        return $this->point;
    }

    protected function members(): array
    {
        return ['point' => $this->point, 'details' => ['reason' => $this->reason, 'by' => $this->by]];
    }

    protected static function of(Members $members, Instant $occurred, How $how): static
    {
        $details = $members->within('details');

        return new static($occurred, $members->text('point'), $details->text('reason'), $details->text('by'));
    }
}
