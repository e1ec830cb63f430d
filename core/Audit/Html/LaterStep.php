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
    private const OWN = ['button', 'legend', 'h2', 'h3', 'h4'];

    /** @param  callable(DOMElement): bool  $isSeen  whether the step before it is */
    public static function is(DOMElement $element, callable $isSeen): bool
    {
        $before = self::before($element);

        return $before !== null && $before->nodeName === $element->nodeName && self::isAlike($before, $element)
            && $element->getAttribute('aria-hidden') !== 'true' && $isSeen($before) && self::asked($before) > 0
            && (self::asked($element) > 1 || self::owned($element) > 0);
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

    private static function asked(DOMElement $part): int
    {
        $asked = 0;
        foreach ($part->getElementsByTagName('*') as $element) {
            $asked += $element->nodeName === 'input' || in_array(ControlType::kind($element), ControlType::CONTROLS, true) ? 1 : 0;
        }

        return $asked;
    }

    private static function owned(DOMElement $part): int
    {
        return array_sum(array_map(static fn (string $name): int => $part->getElementsByTagName($name)->length, self::OWN));
    }
}
