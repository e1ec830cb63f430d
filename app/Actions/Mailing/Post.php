<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use Symfony\Component\Mailer\Envelope;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;
use Symfony\Component\Mailer\Exception\UnexpectedResponseException;
use Symfony\Component\Mailer\Transport\Smtp\Stream\SocketStream;
use Symfony\Component\Mime\Email;

/** Hands one mail to the mail server over SMTP and says what became of it. */
final class Post
{
    public function send(Email $mail): Outcome
    {
        $transport = $this->transport();
        try {
            $transport->send($mail, Envelope::create($mail));
            $transport->stop();

            return Outcome::accepted();
        } catch (UnexpectedResponseException $e) {
            return match (true) {
                $e->getCode() >= 500 && $transport->begun => Outcome::refused('server-said-'.$e->getCode()),
                $e->getCode() >= 400 => Outcome::notNow('server-said-'.$e->getCode()),
                default => $transport->handedOver ? Outcome::unknown('no-answer') : Outcome::notNow('no-answer'),
            };
        } catch (TransportExceptionInterface) {
            return $transport->handedOver ? Outcome::unknown('no-answer') : Outcome::notNow('no-connection');
        }
    }

    private function transport(): WatchedTransport
    {
        $config = config('juramen.mail');
        $transport = new WatchedTransport($config['host'], $config['port'], null);
        $stream = $transport->getStream();
        if ($stream instanceof SocketStream) {
            $stream->setTimeout($config['timeout']);
        }
        if ($config['user'] !== null) {
            $transport->setUsername($config['user'])->setPassword((string) $config['password']);
        }

        return $transport;
    }
}
