<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMElement;

/**
 * What a page's own style elements say of its elements, by the last part of their selectors. It is no cascade: enough to know words that are small or
 * pale, and the line that is set for programs, which people never see. What a screen, a width or a pointer must first have ("@media") says nothing here.
 */
final readonly class StyleRules
{
    private const HIDES = '~(?:^|[\s;])(?:display\s*:\s*none|visibility\s*:\s*hidden|opacity\s*:\s*0(?:\.0+)?\s*(?:;|$|!)|(?:left|top|right)\s*:\s*-\d{3,})~i';

    /** Bytes of styles that are looked at; what is longer is a library's, and says little of one form. */
    private const LONGEST = 300_000;

    /** A rule by itself: its selectors, and what it says. */
    private const RULE = '~([^{}]+)\{([^{}]*)}~';

    private const AT_RULES = '~@[^{};]+(?:;|\{(?:[^{}]*\{[^{}]*})*[^{}]*})~';

    /** What stands before the last part of a selector, and that part: an element's name, an id or a class, or a name with one of these. */
    private const SELECTOR = '~^(.*?[\s>+\~])?([a-z][a-z0-9]*)?(?:([.#][\w-]+))?$~i';

    /**
     * @param  array<string, string>  $said  by the last part of a selector ("label", ".fine", "input.hp"), where elements' names alone stand before it
     * @param  array<string, true>  $hidden  last parts of selectors, whatever stands before an id or a class
     */
    private function __construct(private array $said, private array $hidden) {}

    public static function parse(string $css): self
    {
        [$said, $hidden] = [[], []];
        $css = strlen($css) <= self::LONGEST ? $css : '';
        $plain = (string) preg_replace(['~/\*.*?\*/~s', self::AT_RULES], ' ', $css);
        preg_match_all(self::RULE, $plain, $rules, PREG_SET_ORDER);
        foreach ($rules as [, $selectors, $says]) {
            foreach (explode(',', $selectors) as $selector) {
                if (preg_match(self::SELECTOR, trim($selector), $m) !== 1) {
                    continue;
                }
                [, $before, $name, $mark] = $m + ['', '', '', ''];
                $part = strtolower($name).$mark;
                if ($part !== '' && preg_match('~^[a-z0-9\s>+\~]*$~i', $before) === 1 && ($before === '' || $mark !== '' || $part === 'small')) {
                    // What is said later holds. All labels of one size are no smaller than the others; small print is.
                    $here = $mark !== '' || $part === 'small' ? $says : (string) preg_replace('~font-size\s*:[^;]*~i', '', $says);
                    $said[$part] = trim($here, "; \n\t").';'.($said[$part] ?? '');
                }
                if ($mark !== '' && preg_match(self::HIDES, $says) === 1) {
                    $hidden[$part] = true;
                }
            }
        }

        return new self($said, $hidden);
    }

    /** Whether they hide an element, whatever it stands in. */
    public function hide(DOMElement $element): bool
    {
        foreach ($this->hidden === [] ? [] : self::parts($element) as $part) {
            if (isset($this->hidden[$part])) {
                return true;
            }
        }

        return false;
    }

    /** What is said of an element, its own style before all: what stands first holds. */
    public function saidOf(DOMElement $element): string
    {
        $said = [];
        foreach ($this->said === [] ? [] : self::parts($element) as $part) {
            $said[] = $this->said[$part] ?? '';
        }

        return implode(';', array_filter([$element->getAttribute('style'), ...$said], static fn (string $style): bool => $style !== ''));
    }

    /** @return list<string> parts of selectors that name it, those that say most of it first */
    private static function parts(DOMElement $element): array
    {
        $marks = array_map(static fn (string $class): string => ".$class", preg_split('~\s+~', $element->getAttribute('class'), -1, PREG_SPLIT_NO_EMPTY) ?: []);
        $marks = $element->getAttribute('id') === '' ? $marks : ['#'.$element->getAttribute('id'), ...$marks];

        return [...array_map(static fn (string $mark): string => $element->nodeName.$mark, $marks), ...$marks, $element->nodeName];
    }
}
