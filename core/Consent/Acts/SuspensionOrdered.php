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

/**
 * An officer suspends what was agreed to at a point, or a second one lifts that. It binds from this entry on; what it does to each person follows
 * in entries of theirs.
 */
final readonly class SuspensionOrdered extends Act
{
    /**
     * @param  Digest  $finding  for which it is, see Juramen\Audit\AuditedFinding
     * @param  bool  $lifts  whether it is lifted
     */
    public function __construct(
        Instant $occurred, public string $point, public Id $suspension, public string $requirement, public Digest $finding, public bool $lifts,
        public string $reason, public string $by
    ) {
        parent::__construct($occurred, How::Officer);
    }

    public function kind(): EntryKind
    {
        return EntryKind::SuspensionOrdered;
    }

    public function point(): string
    {
        return $this->point;
    }

    protected function members(): array
    {
        return ['point' => $this->point, 'details' => [
            'suspension' => $this->suspension->hex(), 'requirement' => $this->requirement, 'finding' => $this->finding->hex(), 'lifts' => $this->lifts,
            'reason' => $this->reason, 'by' => $this->by,
        ]];
    }

    protected static function of(Members $members, Instant $occurred, How $how): self
    {
        $details = $members->within('details');

        return new self(
            $occurred, $members->text('point'), $details->id('suspension'), $details->text('requirement'), $details->digest('finding'),
            $details->flag('lifts'), $details->text('reason'), $details->text('by')
        );
    }
}
