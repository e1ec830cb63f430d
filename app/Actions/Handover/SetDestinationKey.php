<?php

declare(strict_types=1);

namespace App\Actions\Handover;

use App\Actions\ActLog;
use App\Actions\ActRefusal;
use App\Casts\Instants;
use App\Models\ActKind;
use App\Models\Delivery;
use App\Models\DeliveryKind;
use App\Models\DeliveryState;
use App\Models\DestinationKey;
use App\Models\Handover;
use App\Models\User;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Refused;

/** Sets the key by which a destination knows us. What waited because it refused the old one is tried at once. */
final class SetDestinationKey
{
    private const LONGEST = 500;

    public function __construct(private readonly ActLog $log, private readonly SystemClock $clock) {}

    /** @throws Refused where it is no key */
    public function __invoke(string $destination, string $secret, User $by): void
    {
        $secret = trim($secret);
        if (preg_match('/^[\x21-\x7e]{8,'.self::LONGEST.'}$/D', $secret) !== 1) {
            throw Refused::because(ActRefusal::NotAKey, most: self::LONGEST);
        }
        DB::transaction(function () use ($destination, $secret, $by): void {
            DestinationKey::query()->updateOrCreate(
                ['destination' => $destination], ['secret' => $secret, 'user_id' => $by->id, 'set_at' => $this->clock->instant()]
            );
            $now = Instants::write($this->clock->instant());
            Delivery::query()->where('kind', DeliveryKind::Handover)->where('state', DeliveryState::Waiting)->whereIn('problem', ['key-refused', 'no-key'])
                ->whereIn('handover_id', Handover::query()->select('id')->where('destination', $destination))
                ->update(['due_at' => $now, 'turn_at' => $now]);
            $this->log->write($by, ActKind::SetDestinationKey, "destination $destination");
        }, 3);
    }
}
