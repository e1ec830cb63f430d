<?php

declare(strict_types=1);

namespace App\Actions\Points;

use Juramen\Points\Document;
use Juramen\Points\InvalidSheet;
use Juramen\Register\Language;

/** Which places of a sheet can be changed on screen, and how what a browser sends becomes their value. */
final class SheetPlaces
{
    private const LANGUAGE = '(?:en|de|fr)';

    /**
     * The document with what a browser sent for one place.
     *
     * @param  array<string, mixed>  $document
     * @param  mixed  $sent  text, or a list of texts
     * @return array<string, mixed>
     *
     * @throws InvalidSheet where the place cannot be changed, or the value does not fit it
     */
    public static function apply(array $document, string $place, mixed $sent): array
    {
        $text = is_string($sent) ? trim(mb_scrub($sent, 'UTF-8')) : '';

        return match (true) {
            in_array($place, ['name', 'place', 'kind'], true), preg_match('~^(?:title|purpose-line|button|notice|fields/\d+/label|statements/\d+/texts)/'.self::LANGUAGE.'$~D', $place) === 1 => Document::with($document, $place, $text),
            preg_match('~^fields/\d+/reason$~D', $place) === 1 => Document::with($document, $place, $text),
            preg_match('~^fields/\d+/required$~D', $place) === 1, in_array($place, ['rules/double-opt-in', 'rules/keep-network'], true) => Document::with($document, $place, $text === '1'),
            $place === 'rules/lapse-days' => Document::with($document, $place, (int) $text),
            $place === 'countries', $place === 'languages' => Document::with($document, $place, self::list($sent)),
            preg_match('~^fields/(\d+)$~D', $place) === 1, $place === 'notice' => Document::with($document, $place, null),
            $place === 'fields/add' => Document::with($document, 'fields/'.count((array) Document::at($document, 'fields')), self::newField($text)),
            preg_match('~^fields/(\d+)/move$~D', $place, $m) === 1 => self::move($document, (int) $m[1], $text === 'up' ? -1 : 1),
            default => throw new InvalidSheet('This cannot be changed here.'),
        };
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
    private static function move(array $document, int $index, int $by): array
    {
        $fields = is_array($document['fields'] ?? null) ? array_values($document['fields']) : [];
        if (isset($fields[$index], $fields[$index + $by])) {
            [$fields[$index], $fields[$index + $by]] = [$fields[$index + $by], $fields[$index]];
        }

        return [...$document, 'fields' => $fields];
    }
}
