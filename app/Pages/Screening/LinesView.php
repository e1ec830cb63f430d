<?php

declare(strict_types=1);

namespace App\Pages\Screening;

use App\Models\Point;
use App\Queries\Screening\LinesInForce;
use InvalidArgumentException;
use Juramen\Screening\Costs;
use Juramen\Screening\Lines;

/** Lines as somebody moves them, over some days and points; nothing of it is in force. */
final readonly class LinesView
{
    public const DAYS = [30, 60, 180];

    private const FIELDS = ['puzzle', 'hold', 'refuse', 'lost', 'bot'];

    /**
     * @param  string  $wrong  what is wrong with what was asked for; empty where nothing is
     * @param  array<string, string>  $typed  what was typed where it is wrong: those in force are shown then, and nothing typed is lost
     */
    private function __construct(
        public int $days, public ?Point $point, public Lines $lines, public Costs $costs, public string $wrong, public array $typed = []
    ) {}

    /** What stands in a field. */
    public function in(string $name): string
    {
        return $this->typed[$name] ?? $this->query()[$name] ?? '';
    }

    /** @param  array<array-key, mixed>  $asked  query of a request */
    public static function from(array $asked, LinesInForce $all): self
    {
        $text = static fn (string $name): string => is_string($asked[$name] ?? null) ? trim($asked[$name]) : '';
        $days = (int) $text('days');
        $days = in_array($days, self::DAYS, true) ? $days : self::DAYS[1];
        $point = $text('point') === '' ? null : Point::query()->where('slug', $text('point'))->first();
        $held = $all->of($point);
        [$inForce, $costs] = [$held->lines, $held->costs];
        $number = static function (string $name, string $pattern, string $wanted) use ($text): ?float {
            if ($text($name) === '') {
                return null;
            }

            return preg_match($pattern, $text($name)) === 1 ? (float) str_replace(',', '.', $text($name)) : throw new InvalidArgumentException($wanted);
        };
        $percent = static fn (string $name, int $else): int => (int) ($number($name, '/^\d{1,3}$/D', 'Give each line as a whole number of percent.') ?? $else);
        $money = static fn (string $name, float $else): float => $number(
            $name, '/^\d{1,7}(?:[.,]\d{1,2})?$/D', 'Give what a mistake costs as a number, such as 4 or 0.35.'
        ) ?? $else;
        try {
            return new self(
                $days, $point, new Lines($percent('puzzle', $inForce->puzzle), $percent('hold', $inForce->hold), $percent('refuse', $inForce->refuse)),
                new Costs($money('lost', $costs->lost), $money('bot', $costs->bot)), ''
            );
        } catch (InvalidArgumentException $e) {
            $typed = array_filter(
                array_combine(self::FIELDS, array_map($text, self::FIELDS)), static fn (string $value): bool => $value !== ''
            );

            return new self($days, $point, $inForce, $costs, $e->getMessage(), $typed);
        }
    }

    /** @return array<string, string> as an address says it */
    public function query(): array
    {
        return [
            'days' => (string) $this->days, 'point' => $this->point->slug ?? '', 'puzzle' => (string) $this->lines->puzzle,
            'hold' => (string) $this->lines->hold, 'refuse' => (string) $this->lines->refuse, 'lost' => number_format($this->costs->lost, 2, '.', ''),
            'bot' => number_format($this->costs->bot, 2, '.', ''),
        ];
    }
}
