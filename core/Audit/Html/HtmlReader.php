<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMElement;
use Juramen\Audit\Links;
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

        return array_map((new self($page, $address, $language))->form(...), (new FormFinder($page))->all());
    }

    /** @var array<int, Links> what links stand in an element, by its object id */
    private array $links = [];

    private readonly Labels $labels;

    private readonly string $around;

    private readonly ?Language $ofPage;

    private function __construct(private readonly Page $page, private readonly string $address, private readonly ?Language $given)
    {
        $this->labels = new Labels($page);
        $this->around = $page->whole ? $page->title()."\n".$page->text($page->body()) : '';
        $this->ofPage = Lexicon::guess($page->text($page->body()));
    }

    private function form(FoundForm $form): Reading
    {
        $page = $this->page;
        $text = $page->text($form->element);
        $said = $page->language($form->element) ?? $this->given;
        $language = Lexicon::guess($text) ?? $said ?? $this->ofPage;
        $lexicons = KindGuess::lexicons($language);
        [$kind, $reason] = (new KindGuess($page, $lexicons))->of($form);

        return new Reading(
            $page->selector($form->element), $kind, $reason, $language, $said, $page->whole,
            (new ControlReader($page, $this->labels, $lexicons))->read($form, $kind),
            (new FieldReader($page, $this->labels, $lexicons))->read($form),
            $this->links($page->whole ? $page->body() : self::surroundings($form->element)),
            $text, $this->around, $this->address,
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

    private function links(DOMElement $within): Links
    {
        return $this->links[spl_object_id($within)] ??= new Links(array_map(
            fn (DOMElement $a): PageLink => new PageLink($this->page->selector($a), $this->page->text($a), $a->getAttribute('href')), $this->page->named(['a'], $within),
        ));
    }
}
