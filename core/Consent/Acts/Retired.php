<?php

declare(strict_types=1);

namespace Juramen\Consent\Acts;

use Juramen\Canon\Instant;
use Juramen\Consent\Act;
use Juramen\Consent\EntryKind;
use Juramen\Consent\How;
use Juramen\Consent\Members;

/** A record is taken out of use; its editions stay. */
final readonly class Retired extends Act
{
    /**
     * @param  string  $record  kind and name
     */
    public function __construct(Instant $occurred, public string $record, public string $reason, public string $by)
    {
        parent::__construct($occurred, How::Officer);
    }

    public function kind(): EntryKind
    {
        return EntryKind::Retired;
    }

    protected function members(): array
    {
        return ['details' => ['record' => $this->record, 'reason' => $this->reason, 'by' => $this->by]];
    }

    protected static function of(Members $members, Instant $occurred, How $how): self
    {
        $details = $members->within('details');

        return new self($occurred, $details->text('record'), $details->text('reason'), $details->text('by'));
    }
}
