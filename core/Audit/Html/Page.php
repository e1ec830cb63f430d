<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMDocument;
use DOMElement;
use DOMNode;
use DOMText;

/**
 * A page or fragment of HTML, however messy: its elements, their visible words, and selectors that find exactly them. It is walked
 * once; whatever is asked for afterwards is looked up in what that walk wrote down, so that a page of many forms, links or levels
 * takes time by its size only.
 */
final class Page
{
    private const LARGEST = 5_000_000;

    /** Browsers build no deeper trees than 512 levels; what is deeper is no page that anybody sees. */
    private const DEEPEST = 600;

    /** A tree of so many takes about 80 MB. */
    private const MOST_ELEMENTS = 60_000;

    private const UNSEEN = [
        'script' => true, 'style' => true, 'template' => true, 'noscript' => true, 'head' => true, 'option' => true, 'datalist' => true,
        'select' => true, 'textarea' => true,
    ];

    /** Of these, what is shown nevertheless: a part of an element of the page's own, and terms that stand in an area to be scrolled. */
    private const SHOWN = ['template' => 'shadowrootmode', 'textarea' => 'readonly'];

    /** Of these, what is seen, though it has no words of the page's. */
    private const FILLED_IN = ['select', 'textarea'];

    private const BUTTONS = ['submit', 'button', 'reset'];

    /** @var list<DOMElement> in the order of the document; held, so that each keeps its object id */
    private array $elements = [];

    /**
     * @var array<int, array{int, int, int, int, int, int}> object id to the element's place in that order, the last place within it, and its place
     *                                                      among its like; to where its pieces stand, the first of them and how many it has
     */
    private array $places = [];

    /** @var non-empty-list<list<string>> words, and where lines begin: of the page, and of what stands within each part of it that nobody sees */
    private array $pieces = [[]];

    /** @var array<string, list<int>> name of element, or what named() says, to places */
    private array $named = [];

    /** @var array<string, list<DOMElement>> */
    private array $ids = [];

    /** @var array<string, list<DOMElement>> id to what it explains, by `aria-describedby` */
    private array $explained = [];

    /** @var array<int, true> object ids of what nobody sees */
    private array $hidden = [];

    /** @var array<int, string> object id to visible words, of what was asked for */
    private array $texts = [];

    /** @var array<int, string> object id to selector, of what was asked for */
    private array $selectors = [];

    /** @var array<string, bool> pattern to whether its source has it */
    private array $mentioned = [];

    private function __construct(public readonly DOMDocument $document, public readonly bool $whole, private readonly string $source)
    {
        if ($document->documentElement !== null) {
            $this->index($document->documentElement, 1, 1, 0);
        }
    }

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
        // Looked at before a tree is built of it, which would fill the memory.
        if (substr_count($html, '<') > 2 * self::MOST_ELEMENTS + 1000) {
            throw self::tooMany();
        }

        return new self(Tree::of($html), preg_match('~<(?:!doctype|html|body)[\s>]~i', $html) === 1, $html);
    }

    private static function tooMany(): UnreadableHtml
    {
        return new UnreadableHtml('It has more than '.number_format(self::MOST_ELEMENTS).' elements; give the part with the forms.');
    }

    /** @throws UnreadableHtml */
    private function index(DOMElement $element, int $ofType, int $depth, int $within): void
    {
        if ($depth > self::DEEPEST) {
            throw new UnreadableHtml(
                'Its elements stand more than '.self::DEEPEST.' deep in one another, deeper than browsers show; look for tags that are never closed.'
            );
        }
        $place = count($this->elements);
        if ($place >= self::MOST_ELEMENTS) {
            throw self::tooMany();
        }
        $name = $element->nodeName;
        $shown = isset(self::SHOWN[$name]) && $element->hasAttribute(self::SHOWN[$name]) && trim($element->textContent) !== '';
        $this->elements[] = $element;
        $this->named[$shown ? "$name that is read" : $name][] = $place;
        if ($element->hasAttributes()) {
            $this->indexAttributes($element, $place);
        }
        $kind = $shown ? null : ControlType::kind($element);
        if ($kind !== null) {
            $this->named[$kind][] = $place;
        }
        $id = spl_object_id($element);
        $seen = ! isset($this->hidden[$id]) && ($shown || ! isset(self::UNSEEN[$name]));
        if (! $seen) {
            $within = array_push($this->pieces, []) - 1;
        }
        $from = count($this->pieces[$within]);
        $this->pieces[$within][] = $this->written($element) ?? Lines::before($name);
        $counts = [];
        for ($child = $element->firstChild; $child !== null; $child = $child->nextSibling) {
            if ($child instanceof DOMElement) {
                $counts[$child->nodeName] = ($counts[$child->nodeName] ?? 0) + 1;
                $this->index($child, $counts[$child->nodeName], $depth + 1, $within);
            } elseif ($child instanceof DOMText) {
                $this->pieces[$within][] = str_replace("\n", ' ', $child->data);
            }
        }
        $this->pieces[$within][] = Lines::behind($name);
        $count = $seen ? count($this->pieces[$within]) - $from : 0;
        $this->places[$id] = [$place, count($this->elements) - 1, $ofType, $within, $from, $count];
    }

    /** Words that an attribute of an element shows: a picture's, and a button's, which stands in a line of its own. */
    private function written(DOMElement $element): ?string
    {
        $isButton = $element->nodeName === 'input' && in_array(strtolower($element->getAttribute('type')), self::BUTTONS, true);

        return match (true) {
            $element->nodeName === 'img' => ' '.$element->getAttribute('alt').' ',
            $isButton => "\n".$element->getAttribute('value')."\n",
            default => null,
        };
    }

    private function indexAttributes(DOMElement $element, int $place): void
    {
        if ($element->hasAttribute('id')) {
            $this->ids[$element->getAttribute('id')][] = $element;
        }
        foreach ($element->hasAttribute('aria-describedby') ? preg_split('/\s+/', trim($element->getAttribute('aria-describedby'))) ?: [] : [] as $id) {
            $this->explained[$id][] = $element;
        }
        $style = $element->getAttribute('style');
        $hidden = $element->hasAttribute('hidden') || $element->getAttribute('aria-hidden') === 'true'
            || ($element->nodeName === 'input' && strtolower($element->getAttribute('type')) === 'hidden')
            || ($style !== '' && preg_match('~display\s*:\s*none|visibility\s*:\s*hidden~i', $style) === 1);
        if ($hidden && ! LaterStep::is($element, fn (DOMElement $before): bool => ! isset($this->hidden[spl_object_id($before)]))) {
            $this->hidden[spl_object_id($element)] = true;
        }
    }

    /**
     * @param  list<string>  $names  of elements, or kinds of them
     * @return list<DOMElement> of these names in an element, itself not counted, or in the whole document
     */
    public function named(array $names, ?DOMElement $within = null): array
    {
        $names = array_filter($names, fn (string $name): bool => isset($this->named[$name]));
        [$first, $last] = $within === null ? [-1, PHP_INT_MAX] : $this->places[spl_object_id($within)];
        $found = [];
        foreach ($first === $last ? [] : $names as $name) {
            $places = $this->named[$name];
            for ($i = $first < $places[0] ? 0 : self::after($places, $first); isset($places[$i]) && $places[$i] <= $last; $i++) {
                $found[$places[$i]] = $this->elements[$places[$i]];
            }
        }
        if (count($names) > 1) {
            ksort($found);
        }

        return array_values($found);
    }

    /**
     * @param  list<string>  $names
     * @return int how many of these names an element holds
     */
    public function count(array $names, DOMElement $within): int
    {
        [$first, $last] = $this->places[spl_object_id($within)];
        $count = 0;
        foreach ($first === $last ? [] : $names as $name) {
            if (isset($this->named[$name])) {
                $count += self::after($this->named[$name], $last) - self::after($this->named[$name], $first);
            }
        }

        return $count;
    }

    /**
     * @param  list<string>  $names
     * @return DOMElement|null the last of these names that begins before an element does
     */
    public function before(DOMElement $element, array $names): ?DOMElement
    {
        $place = $this->places[spl_object_id($element)][0];
        $nearest = -1;
        foreach ($names as $name) {
            $places = $this->named[$name] ?? [];
            $nearest = max($nearest, $places[self::after($places, $place - 1) - 1] ?? -1);
        }

        return $this->elements[$nearest] ?? null;
    }

    /**
     * @param  list<int>  $places  ascending
     * @return int index of the first place beyond one
     */
    private static function after(array $places, int $place): int
    {
        for ($low = 0, $high = count($places); $low < $high;) {
            $middle = ($low + $high) >> 1;
            if ($places[$middle] <= $place) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }

    /** Whether an element stands in another, or is it. */
    public function holds(DOMElement $outer, DOMElement $inner): bool
    {
        [$first, $last] = $this->places[spl_object_id($outer)];
        $place = $this->places[spl_object_id($inner)][0];

        return $place >= $first && $place <= $last;
    }

    public function byId(string $id): ?DOMElement
    {
        return $this->ids[$id][0] ?? null;
    }

    /** Whether words are named as what explains other controls, and so are none of this one's. */
    public function explainsOthers(DOMNode $words, DOMElement $control): bool
    {
        $of = $words instanceof DOMElement ? $this->explained[$words->getAttribute('id')] ?? [] : [];

        return $of !== [] && ! in_array($control, $of, true);
    }

    public function body(): DOMElement
    {
        return $this->elements[$this->named['body'][0]];
    }

    public function title(): string
    {
        $title = $this->named(['title'])[0] ?? null;

        return $title === null ? '' : Lines::tidy($title->textContent);
    }

    /** A CSS selector that finds exactly this element. */
    public function selector(DOMElement $element): string
    {
        return $this->selectors[spl_object_id($element)] ??= $this->path($element);
    }

    /** Whether its source has something in it anywhere: what is not there need not be looked for. */
    public function mentions(string $pattern): bool
    {
        return $this->mentioned[$pattern] ??= preg_match($pattern, $this->source) === 1;
    }

    private function path(DOMElement $element): string
    {
        $id = $element->getAttribute('id');
        if (preg_match('/^[A-Za-z][\w-]*$/D', $id) === 1 && count($this->ids[$id]) === 1) {
            return '#'.$id;
        }
        $parent = $element->parentNode;
        if ($element->nodeName === 'body' || ! $parent instanceof DOMElement) {
            return $element->nodeName;
        }

        return $this->selector($parent).' > '.$element->nodeName.':nth-of-type('.$this->places[spl_object_id($element)][2].')';
    }

    /** The element that a selector of ours names; null where there is none. */
    public function find(string $selector): ?DOMElement
    {
        $node = null;
        foreach (explode(' > ', $selector) as $step) {
            if ($step[0] === '#') {
                $node = $this->byId(substr($step, 1));
            } elseif (preg_match('/^([a-z][\w-]*)(?::nth-of-type\((\d+)\))?$/D', $step, $m) === 1) {
                $node = $node === null ? $this->named([$m[1]])[0] ?? null : $this->child($node, $m[1], (int) ($m[2] ?? 1));
            }
            if ($node === null) {
                return null;
            }
        }

        return $node;
    }

    private function child(DOMElement $of, string $name, int $nth): ?DOMElement
    {
        for ($child = $of->firstElementChild; $child !== null; $child = $child->nextElementSibling) {
            if ($child->nodeName === $name && --$nth === 0) {
                return $child;
            }
        }

        return null;
    }

    /** What a visitor reads in a node: entities resolved, white space folded, pictures by their text, hidden parts left out. */
    public function text(DOMNode $node): string
    {
        if ($node instanceof DOMElement) {
            return $this->texts[spl_object_id($node)] ??= Lines::tidy($this->raw($node));
        }

        return $node instanceof DOMText ? Lines::tidy(str_replace("\n", ' ', $node->data)) : '';
    }

    private function raw(DOMElement $element): string
    {
        [, , , $within, $from, $count] = $this->places[spl_object_id($element)];

        return $count === 0 ? '' : implode('', array_slice($this->pieces[$within], $from, $count));
    }

    /** @return list<DOMElement> from within, what stands around something that is filled in and holds nothing else of the kind */
    public function partsOf(DOMElement $control): array
    {
        $parts = [];
        for ($part = $control->parentNode; $part instanceof DOMElement && ! in_array($part->nodeName, ['form', 'body'], true)
            && $this->count(ControlType::CONTROLS, $part) === 1; $part = $part->parentNode) {
            $parts[] = $part;
        }

        return $parts;
    }

    /** The element behind one; a script or a style between the two parts nothing that anybody sees. */
    public function behind(DOMElement $element): ?DOMElement
    {
        do {
            $element = $element->nextElementSibling;
        } while ($element !== null && isset(self::UNSEEN[$element->nodeName]) && ! in_array($element->nodeName, self::FILLED_IN, true));

        return $element;
    }

    /** Whether an element says itself that nobody sees it. */
    public function isHidden(DOMElement $element): bool
    {
        return isset($this->hidden[spl_object_id($element)]);
    }
}
