<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use Juramen\Canon\Digest;
use Symfony\Component\Mime\Email;
use Symfony\Component\Mime\Part\DataPart;

/** A sign as it goes with a mail. */
final readonly class MailSign
{
    /**
     * @param  string  $png  its bytes
     * @param  int  $width  at which it is shown, in pixels
     */
    public function __construct(private string $png, public int $width, public int $height) {}

    /** Where the mail's HTML has it from: a part of the same mail (RFC 2392). */
    public function link(): string
    {
        return 'cid:'.$this->name();
    }

    /** The same where it is looked at without a mail around it. */
    public function inline(): string
    {
        return 'data:image/png;base64,'.base64_encode($this->png);
    }

    public function addTo(Email $mail): Email
    {
        return $mail->addPart((new DataPart($this->png, 'sign.png', 'image/png'))->asInline()->setContentId($this->name()));
    }

    /** The same on every try. */
    private function name(): string
    {
        return substr(Digest::of($this->png)->hex(), 0, 32).'@sign';
    }
}
