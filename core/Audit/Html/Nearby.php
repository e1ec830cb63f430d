<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMElement;
use DOMNode;

/**
 * The words that belong to an element though they stand outside of it: what stands over it, up to its heading, and under it, as far as nothing
 * is filled in there. They may stand in a column or a row of their own, so the same is looked for around what holds the element, until a heading is
 * met or the part of the page ends that is for it alone.
 */
final readonly class Nearby
{
    private const HEADINGS = ['h1', 'h2', 'h3', 'h4', 'h5'];

    /** What stands beside a form and yet is about something else. */
    private const APART = ['form', 'nav', 'footer', 'aside', 'table'];

    /** Parts of a page whose headings reach no further than they do, but for that of the page. */
    private const SECTIONS = ['section', 'article'];

    /** Parts of a page that stand for themselves. */
    private const PARTS = ['body', 'footer', 'aside', 'dialog', 'li'];

    /** Elements on each side of one that are read with it, and the characters of each. */
    private const BESIDE = 5;

    private const LONGEST = 600;

    public function __construct(private Page $page) {}

    public function words(DOMElement $element): string
    {
        $own = $this->page->named(self::HEADINGS, $element)[0]->nodeName ?? null;
        [$words, $met] = $this->around($element, $own, false);

        // Where nothing over it names it, the column behind it does.
        return $own !== null || $met ? $words : $this->around($element, null, true)[0];
    }

    /**
     * @param  string|null  $own  the heading that it has itself
     * @param  bool  $columns  whether a heading behind it may name it
     * @return array{string, bool} the words around an element, and whether a heading stands over it
     */
    private function around(DOMElement $element, ?string $own, bool $columns): array
    {
        $words = $this->named($element, 'aria-labelledby').$this->named($element, 'aria-describedby');
        $fields = $this->page->count(ControlType::CONTROLS, $element);
        for ([$at, $met] = [$element, false]; $at->nodeName !== 'body'; $at = $holds) {
            [$before, $met] = $this->before($at, $own);
            $behind = $this->behind($at, $columns);
            $words = Lines::tidy("$before\n$words\n$behind");
            $holds = $at->parentNode;
            // What holds nothing else is the element as it is seen.
            $stands = $own !== null && "$before$behind" !== '';
            if ($met || $stands || ! $holds instanceof DOMElement || $this->standsAlone($holds)
                || $this->page->count(ControlType::CONTROLS, $holds) > $fields) {
                break;
            }
        }

        return [$words, $met];
    }

    /** The words of those elements that an attribute names, of which there may be several. */
    private function named(DOMElement $element, string $attribute): string
    {
        $ids = preg_split('~\s+~', $element->getAttribute($attribute), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $named = array_filter(array_map($this->page->byId(...), $ids), static fn (?DOMElement $part): bool => $part !== null);

        return implode('', array_map(fn (DOMElement $part): string => $this->page->text($part)."\n", $named));
    }

    /**
     * @param  string|null  $own  the heading that the element has itself: under another one that is as high it is about something else
     * @return array{string, bool} the words over an element, and whether they begin with a heading
     */
    private function before(DOMElement $element, ?string $own): array
    {
        $pieces = [];
        foreach ($this->beside($element, 'previousSibling') as $near) {
            $heading = $near instanceof DOMElement ? $this->lastHeading($near) : null;
            $parted = in_array($near->nodeName, self::SECTIONS, true) && $heading?->nodeName !== 'h1';
            if ($heading !== null && $own !== null && ($parted || $heading->nodeName >= $own)) {
                break;
            }
            $text = $heading === null ? $this->page->text($near) : $this->from($heading, $near);
            if (mb_strlen($text) > self::LONGEST) {
                break;
            }
            array_unshift($pieces, $text);
            if ($heading !== null) {
                return [implode("\n", $pieces), true];
            }
        }

        return [implode("\n", $pieces), false];
    }

    /**
     * The words under an element.
     *
     * @param  bool  $columns  whether a heading behind it may name it: in the column beside it
     */
    private function behind(DOMElement $element, bool $columns): string
    {
        $pieces = [];
        foreach ($this->beside($element, 'nextSibling') as $near) {
            $headings = ! $near instanceof DOMElement ? 0 : (in_array($near->nodeName, self::HEADINGS, true) ? 1 : $this->page->count(self::HEADINGS, $near));
            $names = $headings === 1 && $columns && ! in_array($near->nodeName, self::HEADINGS, true)
                && $this->isOuter($near, 'nextSibling') && $this->isOuter($element, 'previousSibling');
            if (($headings > 0 && ! $names) || mb_strlen($text = $this->page->text($near)) > self::LONGEST) {
                break;
            }
            $pieces[] = $text;
        }

        return implode("\n", $pieces);
    }

    /**
     * What stands on one side of an element, nearest first, as far as nothing is filled in there and it is about the same.
     *
     * @param  'previousSibling'|'nextSibling'  $way
     * @return list<DOMNode> elements, and words that stand in none of their own
     */
    private function beside(DOMElement $element, string $way): array
    {
        $beside = [];
        for ($near = $element->$way; $near instanceof DOMNode && count($beside) < self::BESIDE; $near = $near->$way) {
            if ($near instanceof DOMElement && $this->isApart($near)) {
                break;
            }
            // What nobody sees (a script, a style) parts nothing.
            if ($this->page->text($near) !== '') {
                $beside[] = $near;
            }
        }

        return $beside;
    }

    /**
     * Whether nothing that anybody sees stands on one side of an element.
     *
     * @param  'previousSibling'|'nextSibling'  $way
     */
    private function isOuter(DOMElement $element, string $way): bool
    {
        for ($near = $element->$way; $near instanceof DOMNode; $near = $near->$way) {
            if ($this->page->text($near) !== '' || ($near instanceof DOMElement && $this->page->count(ControlType::CONTROLS, $near) > 0)) {
                return false;
            }
        }

        return true;
    }

    private function lastHeading(DOMElement $part): ?DOMElement
    {
        if (in_array($part->nodeName, self::HEADINGS, true)) {
            return $part;
        }
        $headings = $this->page->named(self::HEADINGS, $part);

        return $headings === [] ? null : $headings[count($headings) - 1];
    }

    /** A heading and what follows on it in the part of the page that it stands in. */
    private function from(DOMElement $heading, DOMElement $part): string
    {
        $words = $this->page->text($heading);
        for ($node = $heading; $node !== $part && $node instanceof DOMElement; $node = $node->parentNode) {
            for ($next = $node->nextElementSibling; $next instanceof DOMElement && ! in_array($next->nodeName, self::APART, true);) {
                $words .= "\n".$this->page->text($next);
                $next = $next->nextElementSibling;
            }
        }

        return $words;
    }

    private function isApart(DOMElement $near): bool
    {
        return (in_array($near->nodeName, self::APART, true) && ! $this->endsAPart($near))
            || $this->page->count(['form', 'button', ...ControlType::CONTROLS], $near) > 0;
    }

    private function standsAlone(DOMElement $part): bool
    {
        return (in_array($part->nodeName, self::PARTS, true) && ! $this->endsAPart($part)) || $part->getAttribute('role') === 'dialog';
    }

    /** The foot of an article or of a part of it, which is no foot of the page. */
    private function endsAPart(DOMElement $foot): bool
    {
        for ($node = $foot->nodeName === 'footer' ? $foot->parentNode : null; $node instanceof DOMElement; $node = $node->parentNode) {
            if (in_array($node->nodeName, ['article', 'section', 'dialog'], true)) {
                return true;
            }
        }

        return false;
    }
}
