<?php

declare(strict_types=1);

namespace App\Actions\Delivery;

use App\Models\Delivery;
use App\Support\FreshConnection;
use App\Support\QuietReport;
use Illuminate\Database\DetectsLostConnections;
use Illuminate\Support\Sleep;
use PDOException;
use Throwable;

/** Tries one claimed delivery and writes down what became of it, however long the database is away in between. */
final class Deliver
{
    /** Tries to write down what became of it, where it is not the database that is away. */
    private const MOST_TRIES = 3;

    private bool $stopping = false;

    public function __construct(private readonly Deliveries $deliveries, private readonly DeliveryHandlers $handlers) {}

    public function __invoke(Delivery $delivery): Outcome
    {
        $outcome = $this->attempt($delivery);
        $this->settle($delivery, $outcome);

        return $outcome;
    }

    /** The worker is told to stop: what is in hand is finished, but a database that is away is not waited for. */
    public function stop(): void
    {
        $this->stopping = true;
    }

    private function attempt(Delivery $delivery): Outcome
    {
        try {
            return $this->handlers->for($delivery->kind)->attempt($delivery);
        } catch (Throwable $e) {
            QuietReport::write($e);

            // Nothing has left the house yet: another try is safe.
            return self::isAway($e) ? Outcome::notNow('not-composed') : Outcome::faulty('not-composed');
        }
    }

    /** Where even that fails, the claim stays without an outcome, and comes to the desk as uncertain. */
    private function settle(Delivery $delivery, Outcome $outcome): void
    {
        for ($try = 1; ! $this->stopping || $try === 1; $try++) {
            try {
                $this->deliveries->settle($delivery, $outcome);

                return;
            } catch (Throwable $e) {
                if ($try === 1) {
                    QuietReport::write($e);
                }
                if (! self::isAway($e) && $try >= self::MOST_TRIES) {
                    return;
                }
                Sleep::for(min(5, $try))->seconds();
                FreshConnection::next();
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
