<?php

declare(strict_types=1);

namespace Juramen\Consent\Acts;

use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Consent\Act;
use Juramen\Consent\EntryKind;
use Juramen\Consent\How;
use Juramen\Consent\Members;

/** A winner is drawn: the seed is revealed, and anybody can draw again. */
final readonly class Drawn extends Act
{
    public function __construct(Instant $occurred, public string $point, public string $seed, public Id $winner, public string $by)
    {
        parent::__construct($occurred, How::Officer);
    }

    public function kind(): EntryKind
    {
        return EntryKind::Drawn;
    }

    public function point(): string
    {
        return $this->point;
    }

    protected function members(): array
    {
        return ['point' => $this->point, 'details' => ['seed' => bin2hex($this->seed), 'winner' => $this->winner->hex(), 'by' => $this->by]];
    }

    protected static function of(Members $members, Instant $occurred, How $how): self
    {
        $details = $members->within('details');

        return new self($occurred, $members->text('point'), (string) hex2bin($details->text('seed')), $details->id('winner'), $details->text('by'));
    }
}
