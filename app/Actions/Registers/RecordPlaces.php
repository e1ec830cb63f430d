<?php

declare(strict_types=1);

namespace App\Actions\Registers;

use App\Models\RecordKind;
use Juramen\Canon\Document;
use Juramen\Canon\InvalidDocument;
use Juramen\Register\Language;

/** Which places of a register's document can be changed on screen, and how what a browser sends becomes their value. */
final class RecordPlaces
{
    private const TEXT = 'text';

    private const YES_NO = 'yes-no';

    private const NUMBER = 'number';

    private const LIST = 'list';

    /** Patterns of places by kind, with what stands there; LANG is any language. */
    private const PLACES = [
        'statement' => ['texts/LANG' => self::TEXT, 'purpose' => self::TEXT, 'channels' => self::LIST],
        'controller' => ['(?:name|postal-address|contact|sender|dpo|representative|country|accent)' => self::TEXT, 'notice(?:-text)?/LANG' => self::TEXT],
        'purpose' => ['(?:names|contents|rates)/LANG' => self::TEXT, 'basis' => self::TEXT, 'measures' => self::YES_NO, '(?:refresh|retention)-months' => self::NUMBER],
        'processor' => ['(?:name|does|contract|country|transfer|until)' => self::TEXT, 'own' => self::YES_NO, 'purposes' => self::LIST],
        'rules' => [
            '(?:double-opt-in|screening|keep-network|four-eyes|unknown-is-strict)' => self::YES_NO, '(?:lapse|reminder)-days' => self::NUMBER, 'languages' => self::LIST,
            'refresh-months/[a-z]+' => self::NUMBER, 'retention-days/[a-z]+' => self::NUMBER, 'child-ages/[A-Z]{2}' => self::NUMBER,
        ],
    ];

    /**
     * @param  array<string, mixed>  $document
     * @param  mixed  $sent  text, or a list of texts; null takes the place away
     * @return array<string, mixed>
     *
     * @throws InvalidDocument where the place cannot be changed
     */
    public static function apply(RecordKind $kind, array $document, string $place, mixed $sent): array
    {
        foreach (self::PLACES[$kind->value] ?? [] as $pattern => $what) {
            if (preg_match('~^'.str_replace('LANG', '(?:'.implode('|', array_column(Language::cases(), 'value')).')', $pattern).'$~D', $place) !== 1) {
                continue;
            }
            $text = is_string($sent) ? trim(mb_scrub($sent, 'UTF-8')) : '';

            return Document::with($document, $place, $sent === null ? null : match ($what) {
                self::YES_NO => $text === '1',
                self::NUMBER => preg_match('/^\d{1,5}$/D', $text) === 1 ? (int) $text : throw new InvalidDocument("\"$text\" is not a number."),
                self::LIST => array_values(array_filter(is_array($sent) ? $sent : [], static fn (mixed $item): bool => is_string($item) && $item !== '')),
                default => $text,
            });
        }
        throw new InvalidDocument('This cannot be changed here.');
    }
}
