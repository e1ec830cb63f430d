<?php

declare(strict_types=1);

namespace App\Queries\Evidence;

use App\Queries\Desk\SignupFate;
use App\Support\Sorting;
use Juramen\Canon\Day;
use Juramen\Canon\Digest;

/** Which sign-ups are meant. What makes no sense filters nothing. */
final readonly class SignupFilter
{
    /** The order in which they stand by themselves. */
    private const NEWEST = '-asked';

    /**
     * @param  Digest|null  $words  an edition of a statement to which somebody said yes
     * @param  Day|null  $from  the first day, in the office's zone
     * @param  Day|null  $to  the last day
     */
    private function __construct(public ?SignupFate $state, public ?string $point, public ?Digest $words, public ?Day $from, public ?Day $to,
        public Sorting $sorting) {}

    public static function parse(string $state, string $point, string $words, string $from, string $to, string $sort = ''): self
    {
        $fate = SignupFate::tryFrom($state);
        $edition = preg_match('/^[0-9a-f]{64}$/D', $words) === 1 ? Digest::fromHex($words) : null;

        return new self(
            in_array($fate, SignupFate::ofSignups(), true) ? $fate : null, $point === '' ? null : $point, $edition, Day::tryParse($from), Day::tryParse($to),
            Sorting::parse($sort, ['asked'], self::NEWEST)
        );
    }

    /** @return array<string, string> as it stands in an address */
    public function query(): array
    {
        return array_filter([
            'state' => $this->state->value ?? '', 'point' => $this->point ?? '', 'words' => $this->words?->hex() ?? '',
            'from' => $this->from->text ?? '', 'to' => $this->to->text ?? '', 'sort' => $this->sorting->text() === self::NEWEST ? '' : $this->sorting->text(),
        ], static fn (string $value): bool => $value !== '');
    }
}
