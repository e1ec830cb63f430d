<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMElement;

/**
 * One of several steps: what is hidden now, is like what stands before it, and asks for several things or has a heading or a button of its own,
 * comes when that is filled in. A line that is hidden alone is there for programs.
 */
final class LaterStep
{
    private const ASKING = ['input', 'select', 'textarea'];

    private const OWN = ['button', 'legend', 'h2', 'h3', 'h4'];

    /** @param  callable(DOMElement): bool  $isSeen  whether the step before it is */
    public static function is(DOMElement $element, callable $isSeen): bool
    {
        $before = self::before($element);

        return $before !== null && $before->nodeName === $element->nodeName && self::isAlike($before, $element)
            && $element->getAttribute('aria-hidden') !== 'true' && $isSeen($before) && self::count($before, self::ASKING) > 0
            && (self::count($element, self::ASKING) > 1 || self::count($element, self::OWN) > 0);
    }

    private static function isAlike(DOMElement $before, DOMElement $element): bool
    {
        return $element->getAttribute('class') !== ''
            && explode(' ', $before->getAttribute('class'), 2)[0] === explode(' ', $element->getAttribute('class'), 2)[0];
    }

    /** What stands before it; scripts, and elements with nothing in them, part no steps. */
    private static function before(DOMElement $element): ?DOMElement
    {
        do {
            $element = $element->previousElementSibling;
        } while ($element !== null && ($element->nodeName === 'script' || (! $element->hasChildNodes() && $element->nodeName !== 'input')));

        return $element;
    }

    /** @param  list<string>  $names */
    private static function count(DOMElement $part, array $names): int
    {
        return array_sum(array_map(static fn (string $name): int => $part->getElementsByTagName($name)->length, $names));
    }
}
