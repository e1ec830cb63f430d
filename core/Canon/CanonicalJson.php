<?php

declare(strict_types=1);

namespace Juramen\Canon;

use JsonException;
use stdClass;

/**
 * JSON in its one canonical form, so that equal documents have equal bytes.
 *
 * Source: RFC 8785 (JSON Canonicalization Scheme): members sorted by UTF-16 code units, no white
 * space, ECMAScript's shortest form of numbers, the fewest escapes. Numbers are limited to what
 * I-JSON (RFC 7493) carries without loss.
 *
 * A PHP list becomes a JSON array (the empty array too); any other array, and stdClass, an object.
 */
final class CanonicalJson
{
    private const LARGEST_INTEGER = 9007199254740991;

    /**
     * @return string UTF-8 bytes
     *
     * @throws InvalidCanonicalData where a value has no canonical form: NaN, infinities, integers beyond
     *                              2^53 - 1, text that is not UTF-8, objects other than stdClass
     */
    public static function encode(mixed $value): string
    {
        return self::value($value, '');
    }

    /**
     * Reads bytes that must already be canonical. Objects come back as associative arrays, the empty
     * object as the empty array; so reading is for looking, never for encoding again.
     *
     * @return array<array-key, mixed>
     *
     * @throws InvalidCanonicalData where the bytes are not JSON, not an object or array, or not canonical
     */
    public static function decode(string $bytes): array
    {
        try {
            $asObjects = json_decode($bytes, false, 128, JSON_THROW_ON_ERROR);
            $asArrays = json_decode($bytes, true, 128, JSON_THROW_ON_ERROR);
        } catch (JsonException $e) {
            throw InvalidCanonicalData::at('', 'this is not JSON ('.$e->getMessage().')', 'give one JSON document in UTF-8');
        }
        if (! is_array($asArrays)) {
            throw InvalidCanonicalData::at('', 'a bare value', 'give an object or an array');
        }
        if (self::encode($asObjects) !== $bytes) {
            throw InvalidCanonicalData::at('', 'the bytes are JSON but not in canonical form', 'write them as RFC 8785 says');
        }

        return $asArrays;
    }

    private static function value(mixed $value, string $path): string
    {
        return match (true) {
            $value === null => 'null',
            is_bool($value) => $value ? 'true' : 'false',
            is_int($value) => self::integer($value, $path),
            is_float($value) => self::float($value, $path),
            is_string($value) => self::string($value, $path),
            is_array($value) => array_is_list($value) ? self::list($value, $path) : self::members($value, $path),
            $value instanceof stdClass => self::members(get_object_vars($value), $path),
            default => throw InvalidCanonicalData::at(
                $path, 'a value of type '.get_debug_type($value), 'use null, booleans, numbers, text, arrays and objects only'
            ),
        };
    }

    /** @param  list<mixed>  $items */
    private static function list(array $items, string $path): string
    {
        $out = [];
        foreach ($items as $i => $item) {
            $out[] = self::value($item, $path.'/'.$i);
        }

        return '['.implode(',', $out).']';
    }

    /** @param  array<array-key, mixed>  $members */
    private static function members(array $members, string $path): string
    {
        $out = [];
        $plain = preg_match('/[^\x00-\x7f]/', implode('', array_keys($members))) === 0;
        foreach ($members as $name => $item) {
            $key = (string) $name;
            $out[$plain ? 'k'.$key : self::utf16($key, $path)] = self::string($key, $path).':'.self::value($item, $path.'/'.$key);
        }
        ksort($out, SORT_STRING);

        return '{'.implode(',', $out).'}';
    }

    /** A key that sorts by UTF-16 code units, as names of ASCII alone do by themselves; the prefix keeps PHP from reading it as an integer. */
    private static function utf16(string $text, string $path): string
    {
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw InvalidCanonicalData::at($path, 'a member name that is not UTF-8', 'convert it to UTF-8 first');
        }

        return 'k'.mb_convert_encoding($text, 'UTF-16BE', 'UTF-8');
    }

    private static function string(string $text, string $path): string
    {
        // Most of what is written has nothing to escape.
        if (preg_match('/^[\x20\x21\x23-\x5b\x5d-\x7e]*$/D', $text) === 1) {
            return '"'.$text.'"';
        }
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw InvalidCanonicalData::at($path, 'text that is not UTF-8', 'convert it to UTF-8 first');
        }
        $escaped = preg_replace_callback('/["\\\\\x00-\x1f]/', static fn (array $m): string => match ($m[0]) {
            '"' => '\\"',
            '\\' => '\\\\',
            "\x08" => '\\b',
            "\t" => '\\t',
            "\n" => '\\n',
            "\f" => '\\f',
            "\r" => '\\r',
            default => sprintf('\\u%04x', ord($m[0])),
        }, $text);

        return '"'.$escaped.'"';
    }

    private static function integer(int $value, string $path): string
    {
        if ($value > self::LARGEST_INTEGER || $value < -self::LARGEST_INTEGER) {
            throw InvalidCanonicalData::at($path, 'an integer beyond 2^53 - 1', 'write it as text');
        }

        return (string) $value;
    }

    /** ECMA-262, Number::toString: shortest digits that read back to the same double. */
    private static function float(float $value, string $path): string
    {
        if (! is_finite($value)) {
            throw InvalidCanonicalData::at($path, 'a number that is not finite', 'leave it out or write null');
        }
        if ($value == 0.0) {
            return '0';
        }
        [$digits, $point] = self::shortest(abs($value));
        $count = strlen($digits);
        $text = match (true) {
            $point >= $count && $point <= 21 => $digits.str_repeat('0', $point - $count),
            $point > 0 && $point <= 21 => substr($digits, 0, $point).'.'.substr($digits, $point),
            $point > -6 && $point <= 0 => '0.'.str_repeat('0', -$point).$digits,
            default => $digits[0].($count > 1 ? '.'.substr($digits, 1) : '').'e'.($point > 0 ? '+' : '-').abs($point - 1),
        };

        return ($value < 0 ? '-' : '').$text;
    }

    /** @return array{string, int} significant digits, and where the decimal point stands: 0.DIGITS * 10^point */
    private static function shortest(float $value): array
    {
        for ($precision = 1; $precision <= 17; $precision++) {
            $text = sprintf('%.'.($precision - 1).'e', $value);
            if ((float) $text === $value) {
                break;
            }
        }
        [$mantissa, $exponent] = explode('e', $text);

        return [rtrim(str_replace('.', '', $mantissa), '0'), (int) $exponent + 1];
    }
}
