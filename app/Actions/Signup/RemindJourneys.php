<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Delivery\Outbox;
use App\Casts\Instants;
use App\Models\DeliveryKind;
use App\Models\SignupJourney;
use App\Support\QuietReport;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Id;
use Juramen\Consent\JourneyState;
use Throwable;

/** Lays out the one reminder of each sign-up that is still unconfirmed when its rule says so. It moves no deadline. */
final class RemindJourneys
{
    public function __construct(private readonly Outbox $outbox, private readonly SystemClock $clock) {}

    /** @return int how many are reminded */
    public function __invoke(): int
    {
        $count = 0;
        $due = SignupJourney::query()->where('state', JourneyState::Mailed)->where('remind_at', '<=', Instants::write($this->clock->instant()));
        foreach ($due->limit(1000)->get('id') as $journey) {
            $count += $this->remind($journey->id);
        }

        return $count;
    }

    /** One that fails stops no other. */
    private function remind(Id $id): int
    {
        try {
            return DB::transaction(function () use ($id): int {
                $journey = SignupJourney::query()->whereKey($id->bytes)->lockForUpdate()->firstOrFail();
                $next = $journey->path()->reminded($this->clock->instant());
                if ($next === null) {
                    return 0;
                }
                $journey->follow($next);
                $this->outbox->toSubscriber($journey, DeliveryKind::Reminder);

                return 1;
            }, 3);
        } catch (Throwable $e) {
            QuietReport::write($e);

            return 0;
        }
    }
}
