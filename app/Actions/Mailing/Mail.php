<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Actions\Delivery\DeliveryHandler;
use App\Actions\Delivery\Outcome;
use App\Models\Delivery;
use Juramen\Register\Controller;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;

/** What goes out by mail: put together at the moment it goes, and handed to the mail server under the delivery's own Message-ID. */
abstract class Mail implements DeliveryHandler
{
    public function __construct(private readonly SmtpSender $smtp) {}

    /** The same on every try, but for its date; null where its reason is gone. */
    abstract public function compose(Delivery $delivery): ?Email;

    public function attempt(Delivery $delivery): Outcome
    {
        $mail = $this->compose($delivery);

        return $mail === null ? Outcome::refused('no-longer-wanted') : $this->smtp->send($mail);
    }

    public function settled(Delivery $delivery, Outcome $outcome): void {}

    protected function begin(Delivery $delivery, string $sender): Email
    {
        $mail = new Email;
        $mail->getHeaders()->addIdHeader('Message-ID', $delivery->idempotency_key.'@'.substr($sender, (int) strrpos($sender, '@') + 1));
        $mail->getHeaders()->addTextHeader('Auto-Submitted', 'auto-generated');

        return $mail;
    }

    /** From a controller, whom an answer reaches. */
    protected function beginFrom(Delivery $delivery, Controller $controller): Email
    {
        return $this->begin($delivery, $controller->sender)->from(new Address($controller->sender, $controller->name))
            ->replyTo(new Address($controller->contact ?: $controller->sender));
    }

    /** RFC 2369 and RFC 8058; the mail server signs both headers (DKIM), see the operator's guide. */
    final protected static function stoppable(Email $mail, string $link): Email
    {
        $mail->getHeaders()->addTextHeader('List-Unsubscribe', '<'.$link.'>');
        $mail->getHeaders()->addTextHeader('List-Unsubscribe-Post', 'List-Unsubscribe=One-Click');

        return $mail;
    }
}
