<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Delivery\Outbox;
use App\Models\DeliveryKind;
use App\Models\KnownSignup;
use App\Models\SignupJourney;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Id;
use Juramen\Consent\Through;

/**
 * Whoever has just sent a form has the mail, and the message to the number, sent once more, as often as the journey allows. What became of
 * it is told to nobody.
 */
final class AskAgain
{
    public function __construct(
        private readonly Outbox $outbox, private readonly KnownPeople $known, private readonly SystemClock $clock
    ) {}

    /** @param  Id  $nonce  of the mark that was spent */
    public function __invoke(Id $nonce): void
    {
        DB::transaction(function () use ($nonce): void {
            foreach (SignupJourney::query()->where('nonce', $nonce->bytes)->orderBy('id')->lockForUpdate()->get() as $journey) {
                $next = $journey->path()->resent($this->clock->instant());
                if ($next !== null) {
                    $journey->follow($next);
                    $kind = $journey->through === Through::Number ? DeliveryKind::NumberConfirmation : DeliveryKind::Resent;
                    $this->outbox->toSubscriber($journey, $kind, occasion: (string) $next->resent);
                }
            }
            $known = KnownSignup::query()->where('nonce', $nonce->bytes)->lockForUpdate()->first();
            if ($known !== null) {
                $this->known->tellAgain($known);
            }
        }, 3);
    }
}
