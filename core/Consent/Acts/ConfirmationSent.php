<?php

declare(strict_types=1);

namespace Juramen\Consent\Acts;

use Juramen\Canon\Digest;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Consent\Act;
use Juramen\Consent\AskedBy;
use Juramen\Consent\EntryKind;
use Juramen\Consent\How;
use Juramen\Consent\Members;
use Juramen\Register\Language;

/** The mail in which somebody is asked to confirm was taken by the mail server, or the message by whoever carries those to numbers. */
final readonly class ConfirmationSent extends Act
{
    /**
     * @param  Digest  $edition  of the point, which froze the mail's words
     * @param  AskedBy  $asking  which of the mails in which somebody is asked
     */
    public function __construct(
        Instant $occurred, public Id $journey, public Digest $edition, public Language $language, public AskedBy $asking = AskedBy::First
    ) {
        parent::__construct($occurred, $asking === AskedBy::Number ? How::MessageAccepted : How::MailAccepted);
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
        return [
            'journey' => $this->journey->hex(), 'edition' => $this->edition->hex(), 'language' => $this->language->value,
            'asking' => $this->asking === AskedBy::First ? null : $this->asking->value,
        ];
    }

    protected static function of(Members $members, Instant $occurred, How $how): self
    {
        return new self($occurred, $members->id('journey'), $members->digest('edition'), $members->language('language'), $members->asking());
    }
}
