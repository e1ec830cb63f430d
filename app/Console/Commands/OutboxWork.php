<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Mailing\Outbox;
use App\Actions\Mailing\SendMail;
use App\Support\QuietReport;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Sleep;
use Throwable;

final class OutboxWork extends Command
{
    protected $signature = 'outbox:work {--once : send what is due, then stop}';

    protected $description = 'Sends the mails that are due, one after the other, until told to stop';

    private bool $stopping = false;

    public function handle(Outbox $outbox, SendMail $send): int
    {
        $this->trap([SIGTERM, SIGINT, SIGQUIT], function () use ($send): void {
            $this->stopping = true;
            $send->stop();
        });
        while (! $this->stopping) {
            if ($this->sendOne($outbox, $send)) {
                continue;
            }
            if ($this->option('once')) {
                break;
            }
            Sleep::for(250)->milliseconds();
        }

        return self::SUCCESS;
    }

    /** @return bool whether there was one */
    private function sendOne(Outbox $outbox, SendMail $send): bool
    {
        try {
            $message = $outbox->claim();
            if ($message === null) {
                return false;
            }
            $outcome = $send($message);
            $this->line("mail {$message->id}: {$outcome->kind->name}".($outcome->problem === null ? '' : " ({$outcome->problem})"));

            return true;
        } catch (Throwable $e) {
            QuietReport::write($e);
            DB::purge();
            Sleep::for(1)->second();

            return false;
        }
    }
}
