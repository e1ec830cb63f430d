<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMElement;
use Juramen\Audit\PageLink;
use Juramen\Audit\Selector;

/** Reads the links of a page, and the buttons and folds that show more of it: a notice may stand behind either. */
final readonly class LinkReader
{
    /** Attributes by which a button names what it shows, besides any that is its page's own. */
    private const SHOWS = ['popovertarget', 'commandfor', 'aria-controls'];

    /** Bytes of a part of a page that tells something. */
    private const TELLING = 60;

    public function __construct(private Page $page) {}

    /** @return list<PageLink> links in the order of the page, then buttons and folds */
    public function within(DOMElement $part): array
    {
        return [
            ...array_map(fn (DOMElement $a): PageLink => $this->link($a, $a->getAttribute('href')), $this->page->named(['a', 'area'], $part)),
            ...array_map($this->button(...), $this->page->named([ControlType::BUTTON, 'summary'], $part)),
        ];
    }

    /** "#notice" leads to a part of this page, if that tells something. */
    private function link(DOMElement $a, string $href): PageLink
    {
        $opens = str_starts_with($href, '#') && strlen($href) > 1 ? $this->tells($this->page->byId(substr($href, 1))) : null;

        // A part of a picture is called by what stands for it.
        $text = $a->nodeName === 'area' ? Lines::tidy($a->getAttribute('alt')) : $this->page->text($a);

        return new PageLink(new Selector($this->page->selector($a)), $text, $href, $opens);
    }

    private function button(DOMElement $button): PageLink
    {
        return new PageLink(new Selector($this->page->selector($button)), $this->page->text($button), '', $this->tells($this->shown($button)));
    }

    /** What a button names, or a fold holds. */
    private function shown(DOMElement $button): ?DOMElement
    {
        if ($button->nodeName === 'summary') {
            return $button->parentNode instanceof DOMElement ? $button->parentNode : null;
        }
        foreach ($button->attributes ?? [] as $attribute) {
            $shows = in_array($attribute->nodeName, self::SHOWS, true) || str_starts_with($attribute->nodeName, 'data-');
            $shown = $shows ? $this->page->byId(ltrim((string) $attribute->nodeValue, '#')) : null;
            if ($shown !== null) {
                return $shown;
            }
        }

        return null;
    }

    private function tells(?DOMElement $part): bool
    {
        return $part !== null && strlen($this->page->text($part)) >= self::TELLING;
    }
}
