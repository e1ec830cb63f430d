<?php

declare(strict_types=1);

namespace App\Queries\Account;

use App\Models\ActArea;
use App\Support\Sorting;
use Juramen\Canon\Day;

/** Which acts are meant. What makes no sense filters nothing. */
final readonly class ActFilter
{
    /** The order in which they stand by themselves. */
    private const NEWEST = '-at';

    /**
     * @param  int|null  $who  number of an account
     * @param  string  $words  a part of a name, of what was done or of what it was done to
     * @param  Day|null  $from  the first day, in the office's zone
     * @param  Day|null  $to  the last day
     */
    private function __construct(
        public ?int $who, public ?ActArea $area, public string $words, public ?Day $from, public ?Day $to, public Sorting $sorting
    ) {}

    public static function parse(string $who, string $area, string $words, string $from, string $to, string $sort): self
    {
        return new self(
            ctype_digit($who) && strlen($who) < 10 ? (int) $who : null, ActArea::tryFrom($area), mb_substr(trim($words), 0, 100), Day::tryParse($from),
            Day::tryParse($to), Sorting::parse($sort, ['at'], self::NEWEST)
        );
    }

    /** @return array<string, string> as it stands in an address */
    public function query(): array
    {
        return array_filter([
            'who' => (string) $this->who, 'area' => $this->area->value ?? '', 'q' => $this->words, 'from' => $this->from->text ?? '',
            'to' => $this->to->text ?? '', 'sort' => $this->sorting->text() === self::NEWEST ? '' : $this->sorting->text(),
        ], static fn (string $value): bool => $value !== '');
    }
}
