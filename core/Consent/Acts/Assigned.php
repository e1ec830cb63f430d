<?php

declare(strict_types=1);

namespace Juramen\Consent\Acts;

use Juramen\Canon\Digest;
use Juramen\Canon\Instant;
use Juramen\Consent\Act;
use Juramen\Consent\EntryKind;
use Juramen\Consent\How;
use Juramen\Consent\Members;

/** Somebody of the house is to mend a finding by a day; or has, or need not any more. */
final readonly class Assigned extends Act
{
    /**
     * @param  string  $form  kind and id of the form, such as "point footer-newsletter"
     * @param  Digest  $finding  what is to be mended, see Juramen\Audit\AuditedFinding
     * @param  string  $says  "to mend", "mended" or "taken back"
     * @param  string  $to  who is to mend it, such as "user 3"
     * @param  string  $due  the last day, like 2026-12-31
     */
    public function __construct(
        Instant $occurred, public string $form, public string $requirement, public string $place, public Digest $finding, public string $says,
        public string $to, public string $due, public string $note, public string $by
    ) {
        parent::__construct($occurred, How::Officer);
    }

    public function kind(): EntryKind
    {
        return EntryKind::Assigned;
    }

    protected function members(): array
    {
        return ['details' => [
            'form' => $this->form, 'requirement' => $this->requirement, 'place' => $this->place, 'finding' => $this->finding->hex(), 'says' => $this->says,
            'to' => $this->to, 'due' => $this->due, 'note' => $this->note, 'by' => $this->by,
        ]];
    }

    protected static function of(Members $members, Instant $occurred, How $how): self
    {
        $details = $members->within('details');

        return new self(
            $occurred, $details->text('form'), $details->text('requirement'), $details->text('place'), $details->digest('finding'), $details->text('says'),
            $details->text('to'), $details->text('due'), $details->text('note'), $details->text('by')
        );
    }
}
