<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMElement;

/** Whether people see what a form has, by what its elements and the page's own styles say. */
final readonly class Visibility
{
    /** What puts an element beside everything that is seen. */
    private const AWAY = '~(?:left|top)\s*:\s*-\d{3,}~';

    private const TRAP = '~honey-?_?pot|bot-?_?trap~i';

    private const LINES = ['', 'text', 'email', 'url', 'tel', 'number'];

    public StyleRules $styles;

    public function __construct(private Page $page)
    {
        $this->styles = StyleRules::parse(implode("\n", array_map(static fn (DOMElement $style): string => $style->textContent, $page->named(['style']))));
    }

    /**
     * Whether nobody sees an element, or what it stands in on its form: hidden, or set beside everything. Of a line to fill in the page's styles tell
     * it, too, unless it stands with others in a part that is hidden, which is most often a step that comes later; a box that they hide is drawn anew.
     */
    public function isUnseen(DOMElement $element): bool
    {
        $away = $this->page->mentions(self::AWAY);
        for ($node = $element; $node instanceof DOMElement && $node->nodeName !== 'form'; $node = $node->parentNode) {
            if ($this->page->isHidden($node) || ($away && preg_match(self::AWAY, $node->getAttribute('style')) === 1)) {
                return true;
            }
        }

        return $this->isLine($element) && ($this->isForPrograms($element) || $this->isHiddenByStyles($element));
    }

    /** Whether the words of a box are hidden with it, and nothing else that is filled in: a part with others is most often a step that comes later. */
    public function isUnseenWithItsWords(DOMElement $box): bool
    {
        $away = $this->page->mentions(self::AWAY);
        foreach ($this->page->partsOf($box) as $part) {
            if ($this->page->isHidden($part) || ($away && preg_match(self::AWAY, $part->getAttribute('style')) === 1)) {
                return trim($part->textContent) !== '';
            }
        }

        return false;
    }

    /** A line that no key reaches, or that is called a trap: its styles may come from elsewhere. */
    private function isForPrograms(DOMElement $element): bool
    {
        return trim($element->getAttribute('tabindex')) === '-1' || preg_match(self::TRAP, implode(' ', array_map(
            $element->getAttribute(...), ['class', 'name', 'id']
        ))) === 1;
    }

    private function isLine(DOMElement $element): bool
    {
        return $element->nodeName === 'textarea'
            || ($element->nodeName === 'input' && in_array(strtolower($element->getAttribute('type')), self::LINES, true));
    }

    private function isHiddenByStyles(DOMElement $element): bool
    {
        for ($node = $element; $node instanceof DOMElement && ! in_array($node->nodeName, ['form', 'body'], true); $node = $node->parentNode) {
            if ($node !== $element && $this->page->count(ControlType::CONTROLS, $node) > 1) {
                return false;
            }
            if ($this->styles->hide($node)) {
                return true;
            }
        }

        return false;
    }
}
