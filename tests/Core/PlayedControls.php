<?php

declare(strict_types=1);

namespace Tests\Core;

use Closure;

/** Forms whose boxes, lists and buttons are drawn from other elements, as programs that draw pages do: what is not there to be drawn stays. */
final class PlayedControls
{
    /** An attribute with its value, if any. */
    private const VALUE = '(?:="[^"]*"|=[^\s>"]+)?(?=[\s>]|$)';

    /** Boxes or radio buttons; not those of pages with scripts, which find inputs. */
    public static function boxes(string $type, string $element, string $role): Closure
    {
        return static fn (string $html): string => str_contains($html, '<script') ? $html : self::each($html, 'input', static function (
            string $attributes, string $words, array $labels
        ) use ($type, $element, $role): ?string {
            if (preg_match('~\stype="?'.$type.'\b~', $attributes) !== 1 || preg_match('~\shidden\b|display:~', $attributes) === 1) {
                return null;
            }
            $on = preg_match('~\schecked(?=[\s=]|$)~', $attributes) === 1 ? 'true' : 'false';

            return "<$element role=$role aria-checked=$on tabindex=0".self::named($attributes, $labels)."></$element>";
        });
    }

    public static function lists(): Closure
    {
        $played = [
            '~<option\b([^>]*?)\sselected'.self::VALUE.'~' => '<li role=option aria-selected="true"$1',
            '~<option\b~' => '<li role=option', '~</option>~' => '</li>',
        ];
        $list = static function (string $attributes, string $words, array $labels) use ($played): string {
            return '<ul role=listbox'.self::named($attributes, $labels).'>'.preg_replace(array_keys($played), $played, $words).'</ul>';
        };

        return static fn (string $html): string => self::each($html, 'select', $list);
    }

    /** @param  string  $open  the element that plays the one button of a form */
    public static function button(string $open, string $close): Closure
    {
        $does = '~<button[^>]*(?:form|pop|aria-|role|command)~';

        return static fn (string $html): string => substr_count($html, '<button') !== 1 || preg_match($does, $html) === 1 ? $html
            : (string) preg_replace(['~<button\b[^>]*>~', '~</button>~'], [$open, $close], $html);
    }

    /**
     * @param  Closure(string, string, array<string, string>): ?string  $play  of its attributes, what is within it, and ids of labels by what they name
     */
    private static function each(string $html, string $name, Closure $play): string
    {
        $labels = [];
        $html = (string) preg_replace_callback('~<label\b([^>]*?\sfor="?([^"\s>]+)"?[^>]*)>~', static function (array $m) use (&$labels): string {
            $labels[$m[2]] = 'label-'.count($labels);

            return str_contains($m[1], ' id=') ? $m[0] : "<label id=\"{$labels[$m[2]]}\"$m[1]>";
        }, $html);
        $element = $name === 'input' ? '~<input\b([^>]*?)\s*/?>()~' : "~<$name\b([^>]*)>(.*?)</$name>~s";

        return (string) preg_replace_callback($element, static fn (array $m): string => $play($m[1], $m[2], $labels) ?? $m[0], $html);
    }

    /** @param  array<string, string>  $labels */
    private static function named(string $attributes, array $labels): string
    {
        $own = (string) preg_replace('~\s(?:type|checked|required)'.self::VALUE.'~', '', $attributes);
        $by = preg_match('~\sid="?([^"\s>]+)~', $attributes, $id) === 1 && isset($labels[$id[1]]) ? " aria-labelledby=\"{$labels[$id[1]]}\"" : '';

        return $own.$by.(preg_match('~\srequired\b~', $attributes) === 1 ? ' aria-required=true' : '');
    }
}
