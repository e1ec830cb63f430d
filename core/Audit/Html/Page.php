<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMDocument;
use DOMElement;
use DOMNode;
use DOMText;
use DOMXPath;
use Juramen\Register\Language;
use Masterminds\HTML5;

/** A page or fragment of HTML, however messy: its elements, their visible words, and selectors that find exactly them. */
final readonly class Page
{
    private const LARGEST = 5_000_000;

    /** Elements that stand in a line of text; all others begin a new one. */
    public const INLINE = ['a', 'abbr', 'b', 'bdi', 'bdo', 'cite', 'code', 'em', 'font', 'i', 'img', 'kbd', 'mark', 'q', 's', 'small', 'span', 'strong', 'sub', 'sup', 'time', 'u', 'input', 'wbr'];

    private const UNSEEN = ['script', 'style', 'template', 'noscript', 'head', 'option', 'datalist', 'select', 'textarea'];

    private function __construct(public DOMDocument $document, private DOMXPath $xpath, public bool $whole) {}

    /** @throws UnreadableHtml where there is nothing to read, or too much */
    public static function read(string $bytes): self
    {
        if (trim($bytes) === '') {
            throw new UnreadableHtml('There is nothing in it; give a page or a part of one.');
        }
        if (strlen($bytes) > self::LARGEST) {
            throw new UnreadableHtml('It is larger than 5 MB; give the page alone, without what it embeds.');
        }
        $html = Encoding::toUtf8($bytes);
        $document = (new HTML5(['disable_html_ns' => true]))->loadHTML($html);
        self::ensureBody($document);

        return new self($document, new DOMXPath($document), preg_match('~<(?:!doctype|html|body)[\s>]~i', $html) === 1);
    }

    /** Browsers put everything into a body; selectors count on it. */
    private static function ensureBody(DOMDocument $document): void
    {
        $root = $document->documentElement ?? $document->appendChild($document->createElement('html'));
        if ($document->getElementsByTagName('body')->length > 0) {
            return;
        }
        $body = $document->createElement('body');
        foreach (iterator_to_array($root->childNodes) as $child) {
            if ($child->nodeName !== 'head') {
                $body->appendChild($child);
            }
        }
        $root->appendChild($body);
    }

    /** @return list<DOMElement> */
    public function all(string $xpath, ?DOMNode $within = null): array
    {
        $found = $this->xpath->query($xpath, $within);

        return $found === false ? [] : array_values(array_filter(iterator_to_array($found), static fn (mixed $n): bool => $n instanceof DOMElement));
    }

    public function byId(string $id): ?DOMElement
    {
        foreach ($this->all('//*[@id]') as $element) {
            if ($element->getAttribute('id') === $id) {
                return $element;
            }
        }

        return null;
    }

    public function body(): DOMElement
    {
        return $this->all('//body')[0];
    }

    public function title(): string
    {
        $title = $this->all('//title')[0] ?? null;

        return $title === null ? '' : self::tidy($title->textContent);
    }

    /** A CSS selector that finds exactly this element. */
    public function selector(DOMElement $element): string
    {
        $id = $element->getAttribute('id');
        if (preg_match('/^[A-Za-z][\w-]*$/D', $id) === 1 && count(array_filter($this->all('//*[@id]'), static fn (DOMElement $e): bool => $e->getAttribute('id') === $id)) === 1) {
            return '#'.$id;
        }
        if ($element->nodeName === 'body' || ! $element->parentNode instanceof DOMElement) {
            return $element->nodeName;
        }
        $place = 1;
        for ($before = $element->previousSibling; $before !== null; $before = $before->previousSibling) {
            $place += (int) ($before->nodeName === $element->nodeName);
        }

        return $this->selector($element->parentNode).' > '.$element->nodeName.':nth-of-type('.$place.')';
    }

    /** What a visitor reads in a node: entities resolved, white space folded, pictures by their text, hidden parts left out. */
    public function text(DOMNode $node): string
    {
        return self::tidy($this->raw($node));
    }

    public static function tidy(string $text): string
    {
        $lines = array_map(static fn (string $line): string => trim((string) preg_replace('/[\s\x{a0}\x{ad}\x{200b}]+/u', ' ', $line)), explode("\n", $text));

        return implode("\n", array_filter($lines, static fn (string $line): bool => $line !== ''));
    }

    private function raw(DOMNode $node): string
    {
        if ($node instanceof DOMText) {
            return str_replace("\n", ' ', $node->data);
        }
        if ($node instanceof DOMElement && ($this->isUnseen($node) || $this->isHidden($node))) {
            return '';
        }
        if ($node->nodeName === 'img' && $node instanceof DOMElement) {
            return ' '.$node->getAttribute('alt').' ';
        }
        $text = '';
        foreach ($node->childNodes as $child) {
            $text .= $this->raw($child);
        }

        return in_array($node->nodeName, self::INLINE, true) ? $text : "\n".$text."\n";
    }

    private function isUnseen(DOMElement $element): bool
    {
        return in_array($element->nodeName, self::UNSEEN, true);
    }

    public function isHidden(DOMElement $element): bool
    {
        return $element->hasAttribute('hidden') || $element->getAttribute('aria-hidden') === 'true' || ($element->nodeName === 'input' && strtolower($element->getAttribute('type')) === 'hidden')
            || preg_match('~display\s*:\s*none|visibility\s*:\s*hidden~i', $element->getAttribute('style')) === 1;
    }

    /** The language that the element's nearest ancestor says it is in. */
    public function language(DOMElement $element): ?Language
    {
        for ($node = $element; $node instanceof DOMElement; $node = $node->parentNode) {
            $tag = strtolower($node->getAttribute('lang') ?: $node->getAttribute('xml:lang'));
            if ($tag !== '') {
                return Language::tryFrom(explode('-', $tag)[0]);
            }
        }

        return null;
    }
}
