<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMElement;
use Juramen\Audit\OutsideCall;
use Juramen\Audit\Selector;

/** Reads whom a page calls as it opens, what it stores on the device, and what it sends away while somebody types. */
final readonly class CallReader
{
    /** What in a script of a page stores or reads on the device at once. */
    private const STORES = '~document\s*\.\s*cookie|(?:local|session)Storage|indexedDB~';

    /** Elements that load something, by which attribute, and what. */
    private const LOADING = [
        ['script', 'src', 'a script'], ['iframe', 'src', 'a frame'], ['img', 'src', 'a picture'], ['img', 'srcset', 'a picture'],
        ['input', 'src', 'a picture'], ['link', 'href', 'a style'], ['video', 'src', 'a film'], ['audio', 'src', 'a sound'], ['source', 'src', 'a film'],
        ['embed', 'src', 'a part'], ['object', 'data', 'a part'],
    ];

    /** A script that a script brings in: what it is loaded from. */
    private const BROUGHT = '~(?:\.src\s*=|\bimport\s*\(|\bimport\b|\bimport\s[^"\';]{1,200}\sfrom\b|importScripts\s*\()\s*["\'`]((?:https?:)?//[^"\'`\s]+)~i';

    /** What styles load: other styles, letters, pictures. */
    private const STYLED = '~(?:@import\s+(?:url\()?|\burl\()\s*["\']?((?:https?:)?//[^"\')\s;]+)~i';

    /** What sends something without a page being left. */
    private const SENDS = '~sendBeacon\s*\(|\bfetch\s*\(|XMLHttpRequest|\$\.(?:post|get|ajax)\s*\(|axios~';

    /** While somebody types, or leaves a field or the page. */
    private const BEFORE = '~["\'](?:blur|focusout|change|input|keyup|keydown|beforeunload|pagehide|visibilitychange)["\']~';

    /** Handlers of a field that run before anything is sent. */
    private const HANDLERS = ['onblur', 'onchange', 'oninput', 'onkeyup', 'onfocusout'];

    /** @var list<OutsideCall> all that the page loads from a host that it names, its own among them */
    private array $loaded;

    /** What stores or reads on the device as the page opens. */
    public ?Selector $stores;

    public function __construct(private Page $page, private string $address)
    {
        $this->loaded = [...$this->byElements(), ...$this->byText()];
        $this->stores = $this->script(static fn (string $script): bool => preg_match(self::STORES, $script) === 1);
    }

    /**
     * @param  string  $action  where a form is sent; its host is no other
     * @return list<OutsideCall>
     */
    public function outside(string $action): array
    {
        $own = [self::site(self::host($this->address)), self::site(self::host($action))];

        return array_values(array_filter($this->loaded, static fn (OutsideCall $c): bool => ! in_array(self::site($c->host), $own, true)));
    }

    /** What sends away what is typed before the form is sent; null where nothing is seen to. */
    public function sendsTyped(FoundForm $form): ?Selector
    {
        foreach ($form->controls as $control) {
            foreach (self::HANDLERS as $handler) {
                if ($control->hasAttribute($handler) && preg_match(self::SENDS, $control->getAttribute($handler)) === 1) {
                    return new Selector($this->page->selector($control));
                }
            }
        }

        return $this->script(static fn (string $script): bool => str_contains($script, '.value') && preg_match(self::SENDS, $script) === 1
            && (preg_match(self::BEFORE, $script) === 1 || str_contains($script, 'sendBeacon')));
    }

    /** @return list<OutsideCall> */
    private function byElements(): array
    {
        $calls = [];
        foreach (self::LOADING as [$name, $of, $what]) {
            foreach ($this->page->named([$name]) as $element) {
                $host = self::host($element->getAttribute($of));
                if ($host !== '' && $this->loads($element, $name)) {
                    $calls[] = new OutsideCall(new Selector($this->page->selector($element)), $what, $host);
                }
            }
        }

        return $calls;
    }

    /** @return list<OutsideCall> that scripts and styles of the page's own make */
    private function byText(): array
    {
        $calls = [];
        foreach ([['script', self::BROUGHT, 'a script'], ['style', self::STYLED, 'a style']] as [$name, $pattern, $what]) {
            foreach ($this->page->named([$name]) as $element) {
                $text = $this->loads($element, $name) ? $element->textContent : '';
                preg_match_all($pattern, str_contains($text, '//') ? $text : '', $called);
                foreach (array_filter(array_unique(array_map(self::host(...), $called[1]))) as $host) {
                    $calls[] = new OutsideCall(new Selector($this->page->selector($element)), $what, $host);
                }
            }
        }

        return $calls;
    }

    /** Scripts that wait for a consent, and links that load nothing, call nobody. */
    private function loads(DOMElement $element, string $name): bool
    {
        $type = strtolower($element->getAttribute('type'));

        return match ($name) {
            'script' => in_array($type, ['', 'module', 'text/javascript', 'application/javascript'], true),
            'link' => preg_match('~\b(?:stylesheet|preload|modulepreload|prefetch|preconnect|icon)\b~i', $element->getAttribute('rel')) === 1,
            default => true,
        };
    }

    /** @param  callable(string): bool  $does */
    private function script(callable $does): ?Selector
    {
        foreach ($this->page->named(['script']) as $script) {
            if ($script->getAttribute('src') === '' && $does($script->textContent)) {
                return new Selector($this->page->selector($script));
            }
        }

        return null;
    }

    private static function host(string $address): string
    {
        return preg_match('~^(?:https?:)?//([^/?#:@\s]+)~i', trim($address), $m) === 1 ? strtolower($m[1]) : '';
    }

    /** The last two parts of a host, or three where the second is short: what one owner most often has. */
    private static function site(string $host): string
    {
        $parts = explode('.', $host);
        $short = count($parts) > 2 && strlen($parts[count($parts) - 2]) <= 3 && strlen($parts[count($parts) - 1]) === 2;

        return implode('.', array_slice($parts, $short ? -3 : -2));
    }
}
