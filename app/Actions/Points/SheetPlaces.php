<?php

declare(strict_types=1);

namespace App\Actions\Points;

use Juramen\Canon\Document;
use Juramen\Points\InvalidSheet;
use Juramen\Register\Departure;
use Juramen\Register\Language;
use Juramen\Register\Rule;

/** Which places of a sheet can be changed on screen, and how what a browser sends becomes their value. */
final class SheetPlaces
{
    /**
     * The document with what a browser sent for one place.
     *
     * @param  array<string, mixed>  $document
     * @param  mixed  $sent  text, or a list of texts; of a departure its value and reason
     * @param  string  $by  whose departure it is
     * @param  string  $on  the day like 2026-11-25
     * @return array<string, mixed>
     *
     * @throws InvalidSheet where the place cannot be changed, or the value does not fit it
     */
    public static function apply(array $document, string $place, mixed $sent, string $by = '', string $on = ''): array
    {
        $text = is_string($sent) ? trim(mb_scrub($sent, 'UTF-8')) : '';
        $tongue = '(?:'.implode('|', array_column(Language::cases(), 'value')).')';

        return match (true) {
            in_array($place, ['name', 'place', 'kind'], true), preg_match("~^(?:title|purpose-line|button|notice|fields/\d+/label)/$tongue$~D", $place) === 1 => Document::with($document, $place, $text),
            preg_match('~^fields/\d+/reason$~D', $place) === 1 => Document::with($document, $place, $text),
            preg_match('~^fields/\d+/required$~D', $place) === 1 => Document::with($document, $place, $text === '1'),
            $place === 'countries', $place === 'languages' => Document::with($document, $place, self::list($sent)),
            preg_match('~^(?:fields|statements)/(\d+)$~D', $place) === 1, $place === 'notice' => Document::with($document, $place, null),
            $place === 'fields/add' => Document::with($document, 'fields/'.count((array) Document::at($document, 'fields')), self::newField($text)),
            $place === 'statements/add' => Document::with($document, 'statements/'.count((array) Document::at($document, 'statements')), ['id' => $text]),
            preg_match('~^(fields|statements)/(\d+)/move$~D', $place, $m) === 1 => self::move($document, $m[1], (int) $m[2], $text === 'up' ? -1 : 1),
            preg_match('~^departures/([a-z-]+)$~D', $place, $m) === 1 => self::depart($document, $m[1], $sent, $by, $on),
            default => throw new InvalidSheet('This cannot be changed here.'),
        };
    }

    /**
     * A rule of the point's own with its reason; sent empty, the point follows the house again.
     *
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function depart(array $document, string $key, mixed $sent, string $by, string $on): array
    {
        if (! is_array($sent)) {
            return Document::with($document, "departures/$key", null);
        }
        $value = is_string($sent['value'] ?? null) ? $sent['value'] : '';
        $number = in_array(Rule::tryFrom($key), [Rule::LapseDays, Rule::ReminderDays], true);
        $departure = Departure::from($key, [
            'value' => $number ? (ctype_digit($value) ? (int) $value : null) : $value === '1',
            'reason' => is_string($sent['reason'] ?? null) ? mb_scrub($sent['reason'], 'UTF-8') : '', 'by' => $by, 'on' => $on,
        ]);

        return Document::with($document, "departures/$key", $departure->toArray());
    }

    /** @return list<string> */
    private static function list(mixed $sent): array
    {
        return array_values(array_filter(is_array($sent) ? $sent : [], static fn (mixed $item): bool => is_string($item) && $item !== ''));
    }

    /** @return array<string, mixed> */
    private static function newField(string $kind): array
    {
        $labels = [];
        foreach (Language::cases() as $language) {
            $labels[$language->value] = (string) __("points.fields.$kind", [], $language->value);
        }

        return ['kind' => $kind, 'label' => $labels, 'required' => false, 'reason' => ''];
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function move(array $document, string $list, int $index, int $by): array
    {
        $items = is_array($document[$list] ?? null) ? array_values($document[$list]) : [];
        if (isset($items[$index], $items[$index + $by])) {
            [$items[$index], $items[$index + $by]] = [$items[$index + $by], $items[$index]];
        }

        return [...$document, $list => $items];
    }
}
