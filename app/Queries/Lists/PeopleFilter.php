<?php

declare(strict_types=1);

namespace App\Queries\Lists;

use App\Support\Sorting;
use Juramen\Canon\Day;
use Juramen\Register\Language;

/** Which people of a list are meant. What makes no sense filters nothing. */
final readonly class PeopleFilter
{
    private const NEWEST = '-since';

    /**
     * @param  string|null  $point  at which they said yes
     * @param  Day|null  $from  the first day since which they are on it, in the office's zone
     * @param  Day|null  $to  the last
     * @param  bool  $untold  only those of whom a destination has not acknowledged that they are on it
     */
    private function __construct(
        public ?string $point, public ?Language $language, public ?Day $from, public ?Day $to, public bool $untold, public Sorting $sorting
    ) {}

    /** @param  array<array-key, mixed>  $given  as an address says */
    public static function parse(array $given): self
    {
        $text = static fn (string $name): string => is_string($given[$name] ?? null) ? $given[$name] : '';

        return new self(
            preg_match('/^[a-z0-9-]{1,60}$/D', $text('point')) === 1 ? $text('point') : null, Language::tryFrom($text('language')),
            Day::tryParse($text('from')),
            Day::tryParse($text('to')), $text('untold') === '1', Sorting::parse($text('sort'), ['since'], self::NEWEST)
        );
    }

    /** Whether it lets everybody through. */
    public function isOpen(): bool
    {
        return $this->query() === '';
    }

    /** As it stands in an address, without the order. */
    public function query(): string
    {
        return http_build_query(array_filter([
            'point' => $this->point ?? '', 'language' => $this->language->value ?? '', 'from' => $this->from->text ?? '', 'to' => $this->to->text ?? '',
            'untold' => $this->untold ? '1' : '',
        ], static fn (string $value): bool => $value !== ''));
    }
}
