<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Models\Delivery;
use App\Models\Enquiry;
use App\Support\Gifts;
use App\Support\PublishedForms;
use Juramen\Points\PointEdition;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;

/**
 * Says to whoever sent something that it has arrived. It repeats nothing that was typed, since anybody can type an address, and carries no
 * advertising (BGH, 15 December 2015, VI ZR 134/15).
 */
final class AcknowledgementMail extends MailAboutEnquiry
{
    public function __construct(SmtpSender $smtp, PublishedForms $published, private readonly MailWords $words, private readonly Gifts $gifts)
    {
        parent::__construct($smtp, $published);
    }

    protected function write(Email $mail, Delivery $delivery, Enquiry $enquiry, PointEdition $edition): Email
    {
        $paper = $this->words->paper(
            $edition->sheet, $edition->controller, $enquiry->language, $this->words->of($edition, $delivery->kind->value, $enquiry->language)
        );

        $gift = $edition->sheet->rules->giftWithout && ! $enquiry->doubtful ? $this->gifts->of($edition, $enquiry->language, $enquiry->received_at) : null;

        return $paper->write($mail, 'acknowledgement', new LetterParts(gift: $gift))->to(new Address($enquiry->content->email));
    }
}
