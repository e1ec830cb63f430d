<?php

declare(strict_types=1);

namespace App\Pages\Office;

use App\Models\Delivery;
use App\Models\DeliveryState;
use App\Queries\Desk\SignupFate;
use App\Support\Moments;
use Juramen\Consent\JourneyState;

/** One mail of the list of those on their way. */
final readonly class MailRow
{
    /**
     * @param  string|null  $again  where to send it once more; null where nobody may
     * @param  string|null  $leave  where to leave it as it is; null where there is nothing to decide
     * @param  string|null  $person  address of the page about whom it goes to; null where it goes to a colleague
     * @param  string  $journey  what became of the sign-up that it belongs to
     */
    private function __construct(
        public string $made, public string $mail, public string $from, public int $tries, public string $happened,
        public string $key, public string $id, public ?string $again, public ?string $leave, public ?string $person, public string $journey
    ) {}

    public static function of(Delivery $delivery, ?JourneyState $signup, string $point): self
    {
        $language = $delivery->language === null ? '' : ', '.$delivery->language->endonym();
        $edition = $delivery->edition;

        return new self(
            Moments::exact($delivery->made_at), __("office.mails.{$delivery->kind->value}").$language,
            $edition === null ? __('office.mails.to-a-colleague') : "$point, edition $edition->number",
            $delivery->attempts, self::happened($delivery->problem).($delivery->settled_at === null ? '' : ' '.Moments::exact($delivery->settled_at)),
            substr($delivery->idempotency_key, 0, 8), (string) $delivery->id,
            $delivery->state->mayBeSentAgain() ? route('mails.again', $delivery) : null,
            $delivery->state === DeliveryState::Uncertain ? route('mails.leave', $delivery) : null,
            $delivery->subscriber === null ? null : route('evidence.person', $delivery->subscriber->subject->hex()),
            $signup === null ? '' : 'sign-up '.SignupFate::of($signup)->value,
        );
    }

    private static function happened(?string $problem): string
    {
        return match (true) {
            $problem === null => '',
            preg_match('/^(server|carrier|destination)-said-(\d+)$/D', $problem, $said) === 1 => __("office.problems.$said[1]-said", ['code' => $said[2]]),
            default => __("office.problems.$problem"),
        };
    }
}
