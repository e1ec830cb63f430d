<?php

declare(strict_types=1);

namespace Juramen\Consent\Acts;

use Juramen\Canon\Digest;
use Juramen\Canon\Instant;
use Juramen\Consent\Act;
use Juramen\Consent\EntryKind;
use Juramen\Consent\How;
use Juramen\Consent\Members;

/** An officer accepts a finding for a while, with the edition that this allows. The reason is the officer's and names no subscriber. */
final readonly class Excepted extends Act
{
    /**
     * @param  Digest  $finding  of what was found, see Juramen\Audit\Finding; the exception holds for exactly that
     * @param  string  $until  the last day for which it holds, like 2026-12-31
     */
    public function __construct(
        Instant $occurred, public string $point, public Digest $edition, public string $requirement, public string $place, public Digest $finding,
        public string $reason, public string $until, public string $by
    ) {
        parent::__construct($occurred, How::Officer);
    }

    public function kind(): EntryKind
    {
        return EntryKind::Excepted;
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
        return [
            'point' => $this->point, 'edition' => $this->edition->hex(),
            'details' => [
                'requirement' => $this->requirement, 'place' => $this->place, 'finding' => $this->finding->hex(), 'reason' => $this->reason,
                'until' => $this->until, 'by' => $this->by,
            ],
        ];
    }

    protected static function of(Members $members, Instant $occurred, How $how): self
    {
        $details = $members->within('details');

        return new self(
            $occurred, $members->text('point'), $members->digest('edition'), $details->text('requirement'), $details->text('place'),
            $details->digest('finding'), $details->text('reason'), $details->text('until'), $details->text('by')
        );
    }
}
