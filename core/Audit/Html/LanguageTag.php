<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMElement;
use Juramen\Register\Language;

/** What `lang` says of an element or the nearest around it: "de", "en-CA" (BCP 47). */
final readonly class LanguageTag
{
    /** @param  string  $tag  in small letters; empty where nothing is said */
    private function __construct(private string $tag) {}

    public static function of(DOMElement $element): self
    {
        for ($node = $element; $node instanceof DOMElement; $node = $node->parentNode) {
            $tag = strtolower($node->getAttribute('lang') ?: $node->getAttribute('xml:lang'));
            if ($tag !== '') {
                return new self($tag);
            }
        }

        return new self('');
    }

    /** Null where nothing is said, or it is none of ours. */
    public function language(): ?Language
    {
        return Language::tryFrom(explode('-', $this->tag)[0]);
    }

    /** Its language where that is none of ours, "nl"; empty where nothing is said, or it is one of ours. */
    public function unread(): string
    {
        return $this->language() === null && preg_match('~^[a-z]{2,3}(?=-|$)~D', $this->tag, $m) === 1 ? $m[0] : '';
    }

    /** The country that the words are written for, "CA"; empty where that is not said. */
    public function region(): string
    {
        return preg_match('~^[a-z]{2,3}-([a-z]{2})$~D', $this->tag, $m) === 1 ? strtoupper($m[1]) : '';
    }
}
