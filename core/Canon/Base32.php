<?php

declare(strict_types=1);

namespace Juramen\Canon;

use InvalidArgumentException;

/** Bytes as letters and digits that a person can type: RFC 4648, section 6, without padding. */
final class Base32
{
    private const ALPHABET = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    public static function encode(string $bytes): string
    {
        $text = '';
        foreach ($bytes === '' ? [] : str_split(self::bits($bytes), 5) as $five) {
            $text .= self::ALPHABET[(int) bindec(str_pad($five, 5, '0'))];
        }

        return $text;
    }

    /**
     * @param  string  $text  in capitals, without padding
     *
     * @throws InvalidArgumentException where a character, the length or the last bits cannot have been written by encode
     */
    public static function decode(string $text): string
    {
        $bits = '';
        foreach ($text === '' ? [] : str_split($text) as $letter) {
            $value = strpos(self::ALPHABET, $letter);
            $bits .= $value === false ? throw new InvalidArgumentException('Base32 has the capitals A to Z and the digits 2 to 7.') : sprintf('%05b', $value);
        }
        $whole = substr($bits, 0, intdiv(strlen($bits), 8) * 8);
        $rest = substr($bits, strlen($whole));
        if (strlen($rest) >= 5 || trim($rest, '0') !== '') {
            throw new InvalidArgumentException('This text in Base32 is cut off.');
        }

        return implode('', array_map(static fn (string $byte): string => chr((int) bindec($byte)), $whole === '' ? [] : str_split($whole, 8)));
    }

    private static function bits(string $bytes): string
    {
        return implode('', array_map(static fn (string $byte): string => sprintf('%08b', ord($byte)), str_split($bytes)));
    }
}
