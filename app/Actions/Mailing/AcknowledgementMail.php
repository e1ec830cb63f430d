<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Actions\Signup\HeldContent;
use App\Models\Delivery;
use App\Support\PublishedForms;
use Illuminate\Support\Facades\View;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;

/**
 * Says to whoever sent something that it has arrived. It repeats nothing that was typed, since anybody can type an address, and carries no
 * advertising (BGH, 15 December 2015, VI ZR 134/15).
 */
final class AcknowledgementMail extends Mail
{
    public function __construct(SmtpSender $smtp, private readonly PublishedForms $published)
    {
        parent::__construct($smtp);
    }

    public function compose(Delivery $delivery): ?Email
    {
        $enquiry = $delivery->enquiry();
        if ($enquiry === null) {
            return null;
        }
        $edition = $this->published->edition($enquiry->edition->digest);
        $words = $edition->in($enquiry->language)->mail($delivery->kind->value);
        $data = [
            'words' => $words, 'controller' => $edition->controller, 'language' => $enquiry->language,
            'notice' => ($edition->sheet->draft->notice ?? $edition->controller->notice)->orNothing($enquiry->language),
        ];
        $rendered = static fn (string $name): string => View::file(resource_path("views/mail/$name.blade.php"), $data)->render();
        $sender = $edition->controller->sender;

        return $this->begin($delivery, $sender)->from(new Address($sender, $edition->controller->name))
            ->replyTo(new Address($edition->controller->contact ?: $sender))->to(new Address(HeldContent::from($enquiry->content)->email))
            ->subject($words->word('subject'))->html($rendered('acknowledgement'))
            ->text(html_entity_decode($rendered('acknowledgement-text'), ENT_QUOTES | ENT_HTML5));
    }
}
