<?php

declare(strict_types=1);

namespace Juramen\Consent\Acts;

use Juramen\Canon\Digest;
use Juramen\Canon\Instant;
use Juramen\Consent\Act;
use Juramen\Consent\EntryKind;
use Juramen\Consent\How;
use Juramen\Consent\Members;

/** Wording, rules or a register entry is approved. */
final readonly class Approved extends Act
{
    /**
     * @param  string  $record  kind and name, such as "statement voyage-news"
     * @param  Digest  $edition  of the record
     * @param  string  $effective  the day from which it holds, like 2026-11-25
     */
    public function __construct(
        Instant $occurred, public string $record, public Digest $edition, public string $effective, public string $comment, public string $by
    ) {
        parent::__construct($occurred, How::Officer);
    }

    public function kind(): EntryKind
    {
        return EntryKind::Approved;
    }

    public function edition(): Digest
    {
        return $this->edition;
    }

    protected function members(): array
    {
        return [
            'edition' => $this->edition->hex(),
            'details' => ['record' => $this->record, 'effective' => $this->effective, 'comment' => $this->comment, 'by' => $this->by],
        ];
    }

    protected static function of(Members $members, Instant $occurred, How $how): self
    {
        $details = $members->within('details');

        return new self(
            $occurred, $details->text('record'), $members->digest('edition'), $details->text('effective'), $details->text('comment'), $details->text('by')
        );
    }
}
