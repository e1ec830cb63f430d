<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMDocument;
use DOMNode;
use DOMXPath;
use Masterminds\HTML5;

/** The tree of a page as browsers show it: everything stands in a body, and nothing of what its authors noted for themselves is left. */
final class Tree
{
    /** @param  string  $html  UTF-8 */
    public static function of(string $html): DOMDocument
    {
        $document = (new HTML5(['disable_html_ns' => true]))->loadHTML($html);
        self::ensureBody($document);
        if (str_contains($html, '<!--')) {
            self::dropComments($document);
        }

        return $document;
    }

    /** Selectors count on a body. */
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

    /** Programs that draw pages leave empty ones between the words of a sentence. */
    private static function dropComments(DOMDocument $document): void
    {
        $comments = (new DOMXPath($document))->query('//comment()');
        foreach ($comments === false ? [] : iterator_to_array($comments) as $comment) {
            if ($comment instanceof DOMNode) {
                $comment->parentNode?->removeChild($comment);
            }
        }
        $document->normalizeDocument();
    }
}
