<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Delivery\Deliver;
use App\Actions\Delivery\Deliveries;
use App\Support\FreshConnection;
use App\Support\QuietReport;
use Illuminate\Console\Command;
use Illuminate\Support\Sleep;
use Throwable;

final class DeliveriesWork extends Command
{
    protected $signature = 'deliveries:work {--once : send what is due, then stop}';

    protected $description = 'Sends what is due, one after the other, until told to stop';

    private bool $stopping = false;

    public function handle(Deliveries $deliveries, Deliver $deliver): int
    {
        $this->trap([SIGTERM, SIGINT, SIGQUIT], function () use ($deliver): void {
            $this->stopping = true;
            $deliver->stop();
        });
        while (! $this->stopping) {
            if ($this->deliverOne($deliveries, $deliver)) {
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
    private function deliverOne(Deliveries $deliveries, Deliver $deliver): bool
    {
        try {
            $delivery = $deliveries->claim();
            if ($delivery === null) {
                return false;
            }
            $outcome = $deliver($delivery);
            $this->line("{$delivery->kind->value} {$delivery->id}: {$outcome->kind->name}".($outcome->problem === null ? '' : " ({$outcome->problem})"));

            return true;
        } catch (Throwable $e) {
            QuietReport::write($e);
            FreshConnection::next();
            Sleep::for(1)->second();

            return false;
        }
    }
}
