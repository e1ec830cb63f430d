<?php

declare(strict_types=1);

namespace Juramen\Consent\Acts;

use Juramen\Canon\Digest;
use Juramen\Canon\Instant;
use Juramen\Consent\Act;
use Juramen\Consent\EntryKind;
use Juramen\Consent\How;
use Juramen\Consent\Members;

/** Somebody says of a finding that the requirement is met, or that it is accepted for a while; or takes that back. */
final readonly class Attested extends Act
{
    /**
     * @param  string  $form  kind and id of the form, such as "point footer-newsletter"
     * @param  Digest  $finding  what it holds for, see Juramen\Audit\AuditedFinding
     * @param  string  $says  "met", "accepted" or "taken back"
     * @param  string  $until  the last day for which it holds, like 2026-12-31
     * @param  string  $file  name and digest of what it rests on; empty where there is none
     */
    public function __construct(
        Instant $occurred, public string $form, public string $requirement, public string $place, public Digest $finding, public string $says,
        public string $reason, public string $until, public string $file, public string $by
    ) {
        parent::__construct($occurred, How::Officer);
    }

    public function kind(): EntryKind
    {
        return EntryKind::Attested;
    }

    protected function members(): array
    {
        return ['details' => [
            'form' => $this->form, 'requirement' => $this->requirement, 'place' => $this->place, 'finding' => $this->finding->hex(), 'says' => $this->says,
            'reason' => $this->reason, 'until' => $this->until, 'file' => $this->file, 'by' => $this->by,
        ]];
    }

    protected static function of(Members $members, Instant $occurred, How $how): self
    {
        $details = $members->within('details');

        return new self(
            $occurred, $details->text('form'), $details->text('requirement'), $details->text('place'), $details->digest('finding'), $details->text('says'),
            $details->text('reason'), $details->text('until'), $details->text('file'), $details->text('by')
        );
    }
}
