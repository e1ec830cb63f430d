<?php

declare(strict_types=1);

namespace Juramen\Consent\Acts;

use Juramen\Canon\Digest;
use Juramen\Canon\Instant;
use Juramen\Consent\Act;
use Juramen\Consent\EntryKind;
use Juramen\Consent\How;
use Juramen\Consent\Members;
use Juramen\Register\Language;

/** Somebody known had details taken over that were entered with their address, behind a mail's link. */
final readonly class Corrected extends Act
{
    /**
     * @param  Digest  $edition  of the point at which they were entered
     * @param  list<Digest>  $personal  of the disclosures that hold them
     */
    public function __construct(Instant $occurred, public string $point, public Digest $edition, public Language $language, public array $personal)
    {
        parent::__construct($occurred, How::LinkPage);
    }

    public function kind(): EntryKind
    {
        return EntryKind::Corrected;
    }

    public function point(): string
    {
        return $this->point;
    }

    public function edition(): Digest
    {
        return $this->edition;
    }

    public function personal(): array
    {
        return $this->personal;
    }

    protected function members(): array
    {
        return [
            'point' => $this->point, 'edition' => $this->edition->hex(), 'language' => $this->language->value, '_sd' => self::sorted($this->personal),
        ];
    }

    protected static function of(Members $members, Instant $occurred, How $how): self
    {
        return new self($occurred, $members->text('point'), $members->digest('edition'), $members->language('language'), $members->digests('_sd'));
    }
}
