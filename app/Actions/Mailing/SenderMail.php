<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Actions\Senders\VerifySender;
use App\Models\Delivery;
use App\Models\SenderAddress;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;

/** Asks whoever reads an address whether a controller's mails may come from it. It has lost its reason once that was said. */
final class SenderMail extends Mail
{
    public function __construct(SmtpSender $smtp, private readonly VerifySender $verify)
    {
        parent::__construct($smtp);
    }

    public function compose(Delivery $delivery): ?Email
    {
        $sender = SenderAddress::query()->with('user')->find($delivery->sender_address_id);
        if ($sender === null || $sender->verified_at !== null) {
            return null;
        }
        $from = config()->string('juramen.mail.from');
        $fill = [
            'name' => $sender->user->name, 'controller' => ucwords(str_replace('-', ' ', $sender->controller)),
            'link' => url('/sender/'.$this->verify->token($sender)),
        ];

        return $this->begin($delivery, $from)->from(new Address($from, 'Juramen'))->to(new Address($sender->address))
            ->subject((string) __('office.sender-mail.subject'))->text((string) __('office.sender-mail.text', $fill));
    }
}
