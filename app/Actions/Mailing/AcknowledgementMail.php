<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Models\Delivery;
use App\Models\Enquiry;
use Illuminate\Support\Facades\View;
use Juramen\Points\PointEdition;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;

/**
 * Says to whoever sent something that it has arrived. It repeats nothing that was typed, since anybody can type an address, and carries no
 * advertising (BGH, 15 December 2015, VI ZR 134/15).
 */
final class AcknowledgementMail extends MailAboutEnquiry
{
    protected function write(Email $mail, Delivery $delivery, Enquiry $enquiry, PointEdition $edition): Email
    {
        $words = $edition->in($enquiry->language)->mail($delivery->kind->value);
        $data = [
            'words' => $words, 'controller' => $edition->controller, 'language' => $enquiry->language,
            'closing' => $edition->controller->closing->orNothing($enquiry->language),
            'notice' => ($edition->sheet->draft->notice ?? $edition->controller->notice)->orNothing($enquiry->language),
        ];
        $rendered = static fn (string $name): string => View::file(resource_path("views/mail/$name.blade.php"), $data)->render();

        return $mail->replyTo(new Address($edition->controller->contact ?: $edition->controller->sender))->to(new Address($enquiry->content->email))
            ->subject($words->word('subject'))->html($rendered('acknowledgement'))
            ->text(html_entity_decode($rendered('acknowledgement-text'), ENT_QUOTES | ENT_HTML5));
    }
}
