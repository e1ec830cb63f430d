<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMElement;

/** The words right beside an element: what stands directly over it, up to its heading, and under it, as far as nothing is filled in there. */
final readonly class Nearby
{
    private const HEADINGS = ['h1', 'h2', 'h3', 'h4', 'h5'];

    /** What stands beside a form and yet is about something else. */
    private const APART = ['form', 'nav', 'header', 'footer', 'aside', 'table', 'script', 'style'];

    /** Elements on each side of one that are read with it, and the characters of each. */
    private const BESIDE = 3;

    private const LONGEST = 600;

    public function __construct(private Page $page) {}

    public function words(DOMElement $element): string
    {
        $pieces = [];
        foreach (['previousElementSibling', 'nextElementSibling'] as $way) {
            $near = $element->$way;
            for ($i = 0; $i < self::BESIDE && $near instanceof DOMElement; $i++, $near = $near->$way) {
                $heading = in_array($near->nodeName, self::HEADINGS, true);
                $ends = $this->page->count(['form', 'input to fill in', 'select', 'textarea', 'button', ...self::HEADINGS], $near) > 0
                    || in_array($near->nodeName, self::APART, true) || ($heading && $way === 'nextElementSibling');
                if ($ends || mb_strlen($text = $this->page->text($near)) > self::LONGEST) {
                    break;
                }
                $way === 'nextElementSibling' ? $pieces[] = $text : array_unshift($pieces, $text);
                if ($heading) {
                    break;
                }
            }
        }

        return Page::tidy(implode("\n", $pieces));
    }
}
