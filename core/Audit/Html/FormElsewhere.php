<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMElement;

/** Where the form of a page is in whose source none stands: a script draws it, or it stands in a frame, which is a page by itself. */
final readonly class FormElsewhere
{
    /** How a script writes what is filled in. */
    private const WRITES = '~<(?:form|input|textarea)\b|createElement\(\s*["\'](?:form|input|textarea)["\']~i';

    /** What is said to browsers without scripts. */
    private const NEEDS = '~javascript|\bscripts?\b~i';

    /** Characters of the words of a page that says something by itself. */
    private const LITTLE = 200;

    /** Frames that are named. */
    private const MOST = 3;

    private const SAVE = 'Open the page in a browser, save it as the browser shows it (save as, whole page), and give that file.';

    /**
     * @param  bool  $drawn  whether a script draws it; else a frame may hold it
     * @param  string  $says  what was seen, and what to do
     */
    private function __construct(public bool $drawn, public string $says) {}

    /**
     * @param  string  $bytes  of a page without a form
     * @return self|null null where nothing points to one
     */
    public static function of(string $bytes): ?self
    {
        $page = Page::read($bytes);
        if (array_filter($page->named(['script']), static fn (DOMElement $script): bool => preg_match(self::WRITES, $script->textContent) === 1) !== []) {
            return new self(true, 'A script of the page holds what is filled in, and puts it there only in a browser. '.self::SAVE);
        }
        $scripts = array_filter($page->named(['script']), self::runs(...));
        if ($scripts !== [] && self::isBare($page)) {
            return new self(true, 'Its scripts draw what stands on it; its source says almost nothing. '.self::SAVE);
        }
        $frames = array_slice(array_values(array_filter(array_map(self::frame(...), $page->named(['iframe', 'frame'])))), 0, self::MOST);

        return $frames === [] ? null : new self(false, 'What stands in a frame is a page by itself; give it, if the form is there: '.implode(', ', $frames).'.');
    }

    private static function runs(DOMElement $script): bool
    {
        return preg_match('~^(?:|module|(?:text|application)/(?:java|ecma)script)$~i', trim($script->getAttribute('type'))) === 1;
    }

    /** Whether a page has few words, or says that it needs scripts, and an empty part for them to fill. */
    private static function isBare(Page $page): bool
    {
        $needs = array_filter($page->named(['noscript']), static fn (DOMElement $said): bool => preg_match(self::NEEDS, $said->textContent) === 1);
        $empty = array_filter($page->named(['div', 'main', 'section', 'body']), self::isToFill(...));

        return $empty !== [] && ($needs !== [] || mb_strlen($page->text($page->body())) < self::LITTLE);
    }

    private static function isToFill(DOMElement $part): bool
    {
        return trim($part->textContent) === '' && ($part->hasAttribute('id') || $part->nodeName === 'body')
            && $part->getElementsByTagName('img')->length === 0;
    }

    private static function frame(DOMElement $frame): string
    {
        $address = trim($frame->getAttribute('src'));

        return $frame->hasAttribute('srcdoc') ? 'the words of its srcdoc' : ($address === '' || str_starts_with($address, 'about:') ? '' : $address);
    }
}
