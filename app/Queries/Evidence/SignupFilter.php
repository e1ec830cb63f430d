<?php

declare(strict_types=1);

namespace App\Queries\Evidence;

use App\Queries\Desk\SignupFate;
use DateTimeImmutable;
use DateTimeZone;
use Juramen\Canon\Digest;

/** Which sign-ups are meant. What makes no sense filters nothing. */
final readonly class SignupFilter
{
    /**
     * @param  Digest|null  $words  an edition of a statement to which somebody said yes
     * @param  DateTimeImmutable|null  $from  midnight at the beginning of the first day, in the office's zone
     * @param  DateTimeImmutable|null  $to  midnight at the beginning of the last day
     */
    private function __construct(
        public ?SignupFate $state, public ?string $point, public ?Digest $words, public ?DateTimeImmutable $from, public ?DateTimeImmutable $to
    ) {}

    /** @param  string  $from  a day like 2026-11-25 */
    public static function parse(string $state, string $point, string $words, string $from, string $to, DateTimeZone $zone): self
    {
        $fate = SignupFate::tryFrom($state);
        $day = static fn (string $text): ?DateTimeImmutable => DateTimeImmutable::createFromFormat('!Y-m-d', $text, $zone) ?: null;

        $edition = preg_match('/^[0-9a-f]{64}$/D', $words) === 1 ? Digest::fromHex($words) : null;

        return new self(
            in_array($fate, SignupFate::ofSignups(), true) ? $fate : null, $point === '' ? null : $point, $edition, $day($from), $day($to)
        );
    }

    /** @return array<string, string> as it stands in an address */
    public function query(): array
    {
        return array_filter([
            'state' => $this->state->value ?? '', 'point' => $this->point ?? '', 'words' => $this->words?->hex() ?? '',
            'from' => $this->from?->format('Y-m-d') ?? '', 'to' => $this->to?->format('Y-m-d') ?? '',
        ], static fn (string $value): bool => $value !== '');
    }
}
