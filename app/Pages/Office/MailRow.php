<?php

declare(strict_types=1);

namespace App\Pages\Office;

use App\Models\Delivery;
use App\Support\Moments;

/** One mail of the list of those on their way. */
final readonly class MailRow
{
    /** @param  string|null  $again  where to send it once more; null where nobody may */
    private function __construct(
        public string $made, public string $mail, public string $from, public int $tries, public string $happened, public string $key, public ?string $again
    ) {}

    public static function of(Delivery $delivery): self
    {
        $language = $delivery->language === null ? '' : ', '.$delivery->language->endonym();
        $edition = $delivery->edition;

        return new self(
            Moments::exact($delivery->made_at), __("office.mails.{$delivery->kind->value}").$language,
            $edition === null ? __('office.mails.to-a-colleague') : "{$edition->point->slug}, edition $edition->number",
            $delivery->attempts, self::happened($delivery->problem), substr($delivery->idempotency_key, 0, 8),
            $delivery->state->mayBeSentAgain() ? route('mails.again', $delivery) : null,
        );
    }

    private static function happened(?string $problem): string
    {
        return match (true) {
            $problem === null => '',
            str_starts_with($problem, 'server-said-') => __('office.problems.server-said', ['code' => substr($problem, strlen('server-said-'))]),
            default => __("office.problems.$problem"),
        };
    }
}
