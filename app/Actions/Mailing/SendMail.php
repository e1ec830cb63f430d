<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Models\Message;
use App\Support\QuietReport;
use Illuminate\Database\DetectsLostConnections;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Sleep;
use PDOException;
use Symfony\Component\Mime\Email;
use Throwable;

/** Sends one claimed mail and writes down what became of it, however long the database is away in between. */
final class SendMail
{
    /** Tries to write down what became of a mail, where it is not the database that is away. */
    private const MOST_TRIES = 3;

    private bool $stopping = false;

    public function __construct(private readonly Outbox $outbox, private readonly ComposeMail $compose, private readonly SmtpSender $smtp) {}

    public function __invoke(Message $message): Outcome
    {
        $message->load('subscriber', 'edition');
        $mail = $this->composed($message);
        $outcome = $mail instanceof Outcome ? $mail : $this->smtp->send($mail);
        $this->settle($message, $outcome);

        return $outcome;
    }

    /** The worker is told to stop: the mail in hand is finished, but a database that is away is not waited for. */
    public function stop(): void
    {
        $this->stopping = true;
    }

    private function composed(Message $message): Email|Outcome
    {
        try {
            return ($this->compose)($message) ?? Outcome::refused('no-longer-wanted');
        } catch (Throwable $e) {
            QuietReport::write($e);

            // Nothing has left the house yet: another try is safe.
            return self::isAway($e) ? Outcome::notNow('not-composed') : Outcome::faulty('not-composed');
        }
    }

    /** Where even that fails, the claim stays without an outcome, and comes to the desk as uncertain. */
    private function settle(Message $message, Outcome $outcome): void
    {
        for ($try = 1; ! $this->stopping || $try === 1; $try++) {
            try {
                $this->outbox->settle($message, $outcome);

                return;
            } catch (Throwable $e) {
                if ($try === 1) {
                    QuietReport::write($e);
                }
                if (! self::isAway($e) && $try >= self::MOST_TRIES) {
                    return;
                }
                Sleep::for(min(5, $try))->seconds();
                DB::purge();
            }
        }
    }

    private static function isAway(Throwable $e): bool
    {
        return $e instanceof PDOException && (new class
        {
            use DetectsLostConnections {
                causedByLostConnection as public;
            }
        })->causedByLostConnection($e);
    }
}
