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
use Juramen\Register\Language;

/** The mail server took the mail in which somebody is asked to confirm. */
final readonly class ConfirmationSent extends Act
{
    /**
     * @param  Digest  $edition  of the point, which froze the mail's words
     */
    public function __construct(Instant $occurred, public Id $journey, public Digest $edition, public Language $language)
    {
        parent::__construct($occurred, How::MailAccepted);
    }

    public function kind(): EntryKind
    {
        return EntryKind::ConfirmationSent;
    }

    public function journey(): Id
    {
        return $this->journey;
    }

    public function edition(): Digest
    {
        return $this->edition;
    }

    protected function members(): array
    {
        return ['journey' => $this->journey->hex(), 'edition' => $this->edition->hex(), 'language' => $this->language->value];
    }

    protected static function of(Members $members, Instant $occurred, How $how): self
    {
        return new self($occurred, $members->id('journey'), $members->digest('edition'), $members->language('language'));
    }
}
