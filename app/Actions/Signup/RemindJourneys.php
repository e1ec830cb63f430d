<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Mailing\Outbox;
use App\Casts\Instants;
use App\Models\MessageKind;
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
                $journey = SignupJourney::query()->whereKey($id->bytes)->where('state', JourneyState::Mailed)->whereNotNull('remind_at')->lockForUpdate()
                    ->first();
                $journey?->update(['remind_at' => null]);
                if ($journey !== null) {
                    $this->outbox->lay($journey, MessageKind::Reminder);
                }

                return $journey === null ? 0 : 1;
            }, 3);
        } catch (Throwable $e) {
            QuietReport::write($e);

            return 0;
        }
    }
}
