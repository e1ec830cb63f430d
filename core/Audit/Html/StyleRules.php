<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMElement;

/**
 * What a page's own style elements hide, by the last class or id of their selectors. It is no cascade: enough to know the line that is set for
 * programs, which people never see. What a screen, a width or a pointer must first have ("@media") hides nothing here.
 */
final readonly class StyleRules
{
    private const HIDES = '~(?:^|[\s;])(?:display\s*:\s*none|visibility\s*:\s*hidden|opacity\s*:\s*0(?:\.0+)?\s*(?:;|$|!)|(?:left|top|right)\s*:\s*-\d{3,})~i';

    /** A rule by itself: its selectors, and what it says. */
    private const RULE = '~([^{}]+)\{([^{}]*)}~';

    private const AT_RULES = '~@[^{};]+(?:;|\{(?:[^{}]*\{[^{}]*})*[^{}]*})~';

    /** The end of a selector that is an id or a class, with the element's name or without. */
    private const ENDS = '~(?:^|[\s>+\~])([a-z][a-z0-9]*)?([.#])([\w-]+)$~i';

    /** @param  array<string, true>  $hidden  elements by name, mark and name: "input.hp", "#website" */
    private function __construct(private array $hidden) {}

    public static function of(string $css): self
    {
        $plain = (string) preg_replace(['~/\*.*?\*/~s', self::AT_RULES], ' ', $css);
        preg_match_all(self::RULE, $plain, $rules, PREG_SET_ORDER);
        $hidden = [];
        foreach ($rules as [, $selectors, $says]) {
            foreach (preg_match(self::HIDES, $says) === 1 ? explode(',', $selectors) : [] as $selector) {
                if (preg_match(self::ENDS, trim($selector), $m) === 1) {
                    $hidden[strtolower($m[1]).$m[2].$m[3]] = true;
                }
            }
        }

        return new self($hidden);
    }

    /** Whether they hide an element, whatever it stands in. */
    public function hide(DOMElement $element): bool
    {
        if ($this->hidden === []) {
            return false;
        }
        $marks = array_map(static fn (string $class): string => ".$class", preg_split('~\s+~', $element->getAttribute('class'), -1, PREG_SPLIT_NO_EMPTY) ?: []);
        foreach ([...$marks, '#'.$element->getAttribute('id')] as $mark) {
            if (isset($this->hidden[$mark]) || isset($this->hidden[$element->nodeName.$mark])) {
                return true;
            }
        }

        return false;
    }
}
