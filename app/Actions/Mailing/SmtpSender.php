<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Actions\Delivery\Outcome;
use App\Support\QuietReport;
use Symfony\Component\Mailer\Envelope;
use Symfony\Component\Mailer\Exception\InvalidArgumentException;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;
use Symfony\Component\Mailer\Exception\UnexpectedResponseException;
use Symfony\Component\Mailer\Transport\Smtp\Stream\SocketStream;
use Symfony\Component\Mime\Email;
use Throwable;

/**
 * Hands mails to the mail server over SMTP, many over one connection, and says what became of each: whether it was this mail's
 * fault, the server's, or nobody knows.
 */
final class SmtpSender
{
    private ?WatchedTransport $transport = null;

    public function send(Email $mail): Outcome
    {
        $transport = $this->transport ??= $this->connect();
        $transport->begins();
        try {
            $transport->send($mail, Envelope::create($mail));

            return Outcome::accepted();
        } catch (UnexpectedResponseException $e) {
            $this->hangUp();

            return match (true) {
                $e->getCode() >= 500 && $transport->begun && self::isAboutMailbox($e->getMessage()) => Outcome::returned(),
                $e->getCode() >= 500 && $transport->begun => Outcome::refused('server-said-'.$e->getCode()),
                $e->getCode() >= 400 => Outcome::notNow('server-said-'.$e->getCode()),
                default => $transport->handedOver ? Outcome::unknown('no-answer') : Outcome::notNow('no-answer'),
            };
        } catch (TransportExceptionInterface) {
            $this->hangUp();

            return $transport->handedOver ? Outcome::unknown('no-answer') : Outcome::notNow('no-connection');
        } catch (Throwable $e) {
            // Not the server: an address that it cannot take, such as one with letters beyond ASCII, or a mail that is none.
            $this->hangUp();
            if (! $e instanceof InvalidArgumentException) {
                QuietReport::write($e);
            }

            return $transport->handedOver ? Outcome::unknown('no-answer') : Outcome::faulty('not-handed-over');
        }
    }

    /**
     * Whether a refusal says that there is no such mailbox (RFC 3463 sections 3.2 and 3.3, RFC 7505). A code of three digits alone does not:
     * a server that is set up wrongly refuses everything by the same, and nobody's sign-up is to end by that.
     */
    private static function isAboutMailbox(string $said): bool
    {
        return preg_match('/\b5\.(?:1\.(?:1|2|3|6|10)|2\.1)\b/', $said) === 1;
    }

    /** Ends the connection; the next mail opens another. */
    public function hangUp(): void
    {
        $this->transport?->stop();
        $this->transport = null;
    }

    private function connect(): WatchedTransport
    {
        $transport = new WatchedTransport(config()->string('juramen.mail.host'), config()->integer('juramen.mail.port'), null);
        // Before a mail that comes after a pause the server is asked whether it is still there.
        $transport->setPingThreshold(2);
        $stream = $transport->getStream();
        if ($stream instanceof SocketStream) {
            $stream->setTimeout((float) config()->integer('juramen.mail.timeout'));
        }
        [$user, $password] = [config('juramen.mail.user'), config('juramen.mail.password')];
        if (is_string($user)) {
            $transport->setUsername($user)->setPassword(is_string($password) ? $password : '');
        }

        return $transport;
    }
}
