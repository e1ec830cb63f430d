<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use Juramen\Audit\HiddenInput;

/**
 * A page as it is kept: its bytes as they came, in UTF-8, without what somebody had typed into it and without what would let somebody into
 * where it was saved. What is left out becomes an empty value, so that every place stays where it was.
 */
final class ClearedPage
{
    /** Inputs whose value is what a button says, or what a choice means. */
    private const KEPT = ['checkbox', 'radio', 'submit', 'button', 'image', 'reset'];

    /** Names of what proves who somebody is. */
    private const SECRET = '~token|csrf|xsrf|nonce|session|sid\b|auth|passw|secret|signature|viewstate~i';

    /** Runs of characters that nobody types: 24 or more, with letters and figures. Words with hyphens between, and a number behind, name something. */
    private const RANDOM = '~(?<![A-Za-z0-9+/_.-])(?![a-z]{2,}(?:[-_][a-z]{2,})+(?:[-_]\d{1,4})?(?![A-Za-z0-9+/_.=-]))(?=[A-Za-z0-9+/_.-]*\d)'
        .'(?=[A-Za-z0-9+/_.-]*[A-Za-z])[A-Za-z0-9+/_.-]{24,}={0,2}~';

    public static function of(string $bytes): string
    {
        $html = Encoding::toUtf8($bytes);
        $html = self::each('~<input\b[^>]*>~i', $html, self::input(...));
        $html = self::each('~(<textarea\b[^>]*>)(.*?)(</textarea\s*>)~is', $html, static fn (array $m): string => $m[1].$m[3]);
        $html = self::each('~<meta\b[^>]*>~i', $html, static fn (array $m): string => preg_match(self::SECRET, self::named($m[0])) === 1
            ? self::without($m[0], 'content') : $m[0]);

        return self::each('~(<script\b[^>]*>)(.*?)(</script\s*>)~is', $html, static fn (array $m): string => $m[1]
            .preg_replace(self::RANDOM, '', $m[2]).$m[3]);
    }

    /** @param  array<int|string, string>  $m */
    private static function input(array $m): string
    {
        $type = preg_match('~\btype\s*=\s*["\']?\s*([a-z-]+)~i', $m[0], $t) === 1 ? strtolower($t[1]) : 'text';
        if (in_array($type, self::KEPT, true)) {
            return $m[0];
        }
        $value = preg_match('~\bvalue\s*=\s*(?:"([^"]*)"|\'([^\']*)\'|([^\s>]+))~i', $m[0], $v) === 1 ? implode('', array_slice($v, 1)) : '';
        if ($type === 'hidden') {
            return preg_match(self::SECRET, self::named($m[0])) === 1 || preg_match(self::RANDOM, $value) === 1 || str_contains($value, '@')
                ? self::without($m[0], 'value') : $m[0];
        }

        // A yes to news in a field that may be seen by nobody; a yes to anything else was typed by somebody.
        return HiddenInput::saysYes(self::named($m[0]), $value) ? $m[0] : self::without($m[0], 'value');
    }

    private static function named(string $tag): string
    {
        return preg_match('~\b(?:name|id)\s*=\s*["\']?([^"\'\s>]+)~i', $tag, $m) === 1 ? $m[1] : '';
    }

    private static function without(string $tag, string $attribute): string
    {
        return (string) preg_replace("~(\\s$attribute\\s*=\\s*)(?:\"[^\"]*\"|'[^']*'|[^\\s>]+)~i", '$1""', $tag);
    }

    /** @param  callable(array<int|string, string>): string  $do */
    private static function each(string $pattern, string $html, callable $do): string
    {
        return preg_replace_callback($pattern, $do, $html) ?? $html;
    }
}
