<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Models\Message;
use App\Support\QuietReport;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Sleep;
use Symfony\Component\Mime\Email;
use Throwable;

/** Sends one claimed mail and writes down what became of it, however long the database is away in between. */
final class SendMail
{
    public function __construct(private readonly Outbox $outbox, private readonly ComposeMail $compose, private readonly Post $post) {}

    public function __invoke(Message $message): Outcome
    {
        $message->load('subscriber', 'edition');
        $mail = $this->composed($message);
        $outcome = $mail instanceof Outcome ? $mail : $this->post->send($mail);
        $this->settle($message, $outcome);

        return $outcome;
    }

    private function composed(Message $message): Email|Outcome
    {
        try {
            return ($this->compose)($message) ?? Outcome::refused('no-longer-wanted');
        } catch (Throwable $e) {
            // Nothing has left the house yet: another try is safe.
            QuietReport::write($e);

            return Outcome::notNow('not-composed');
        }
    }

    private function settle(Message $message, Outcome $outcome): void
    {
        for ($try = 1; ; $try++) {
            try {
                $this->outbox->settle($message, $outcome);

                return;
            } catch (Throwable $e) {
                if ($try === 1) {
                    QuietReport::write($e);
                }
                Sleep::for(min(5, $try))->seconds();
                DB::purge();
            }
        }
    }
}
