<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMElement;
use Juramen\Audit\PageLink;
use Juramen\Audit\Reading;
use Juramen\Register\Language;
use Juramen\Wording\Lexicon;

/** Reads every form of a page or fragment of HTML into a Reading. */
final class HtmlReader
{
    /**
     * @param  string  $bytes  in any encoding that browsers know
     * @param  string  $address  where the page stands, if known
     * @param  Language|null  $language  that the page is in, where it does not say so itself
     * @return list<Reading> in the order of the page
     *
     * @throws UnreadableHtml
     */
    public static function read(string $bytes, string $address = '', ?Language $language = null): array
    {
        $page = Page::read($bytes);

        return array_map(static fn (FoundForm $form): Reading => self::form($page, $form, $address, $language), (new FormFinder($page))->all());
    }

    private static function form(Page $page, FoundForm $form, string $address, ?Language $given): Reading
    {
        $text = $page->text($form->element);
        $said = $page->language($form->element) ?? $given;
        $language = Lexicon::guess($text) ?? $said ?? Lexicon::guess($page->text($page->body()));
        $lexicons = KindGuess::lexicons($language);
        $labels = new Labels($page);
        [$kind, $reason] = (new KindGuess($page, $lexicons))->of($form);
        $around = $page->whole ? $page->title()."\n".$page->text($page->body()) : '';

        return new Reading(
            $page->selector($form->element), $kind, $reason, $language, $said, $page->whole,
            (new ControlReader($page, $labels, $lexicons))->read($form, $kind),
            (new FieldReader($page, $labels, $lexicons))->read($form),
            self::links($page, $page->whole ? $page->body() : self::surroundings($form->element)),
            $text, $around, $address,
        );
    }

    /** In a fragment, what stands beside the form was given with it. */
    private static function surroundings(DOMElement $form): DOMElement
    {
        for ($node = $form; $node->parentNode instanceof DOMElement && $node->nodeName !== 'body';) {
            $node = $node->parentNode;
        }

        return $node;
    }

    /** @return list<PageLink> */
    private static function links(Page $page, DOMElement $within): array
    {
        return array_map(static fn (DOMElement $a): PageLink => new PageLink($page->selector($a), $page->text($a), $a->getAttribute('href')), $page->all('.//a', $within));
    }
}
