<?php

declare(strict_types=1);

namespace Juramen\Consent\Acts;

use Juramen\Canon\Digest;
use Juramen\Canon\Instant;
use Juramen\Consent\Act;
use Juramen\Consent\EntryKind;
use Juramen\Consent\How;
use Juramen\Consent\Members;

/** Forms were audited: what was found is kept beside the ledger, and named here by its digest. */
final readonly class Audited extends Act
{
    /**
     * @param  Digest  $audit  of its bytes, see Juramen\Audit\Audit
     * @param  string  $by  who took it; "the clock" where nobody did
     */
    public function __construct(
        Instant $occurred, public Digest $audit, public string $scope, public int $forms, public int $breaches, public int $weaknesses, public int $open,
        public string $by
    ) {
        parent::__construct($occurred, How::Officer);
    }

    public function kind(): EntryKind
    {
        return EntryKind::Audited;
    }

    protected function members(): array
    {
        return ['details' => [
            'audit' => $this->audit->hex(), 'scope' => $this->scope, 'forms' => $this->forms, 'breaches' => $this->breaches,
            'weaknesses' => $this->weaknesses, 'open' => $this->open, 'by' => $this->by,
        ]];
    }

    protected static function of(Members $members, Instant $occurred, How $how): self
    {
        $details = $members->within('details');

        return new self(
            $occurred, $details->digest('audit'), $details->text('scope'), $details->number('forms'), $details->count('breaches'),
            $details->count('weaknesses'), $details->count('open'), $details->text('by')
        );
    }
}
