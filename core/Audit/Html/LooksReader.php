<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMElement;
use Juramen\Audit\FineWords;
use Juramen\Audit\Selector;
use Juramen\Register\Colour;

/** Reads how the words of a form look, as far as their own styles and the page's say: those that are pale, and those that are small. */
final readonly class LooksReader
{
    private const COLOUR = '(#[0-9a-f]{3,8}\b|rgba?\([\d.\s,/%]+\)|[a-z]{3,20})';

    /** Names of CSS Color 4 that words are commonly set in. */
    private const NAMED = [
        'white' => '#ffffff', 'black' => '#000000', 'silver' => '#c0c0c0', 'gray' => '#808080', 'grey' => '#808080', 'lightgray' => '#d3d3d3',
        'lightgrey' => '#d3d3d3', 'darkgray' => '#a9a9a9', 'darkgrey' => '#a9a9a9', 'dimgray' => '#696969', 'dimgrey' => '#696969', 'gainsboro' => '#dcdcdc',
        'whitesmoke' => '#f5f5f5', 'lightblue' => '#add8e6', 'skyblue' => '#87ceeb', 'lightgreen' => '#90ee90', 'pink' => '#ffc0cb', 'yellow' => '#ffff00',
        'orange' => '#ffa500', 'tan' => '#d2b48c', 'beige' => '#f5f5dc', 'ivory' => '#fffff0', 'navy' => '#000080', 'red' => '#ff0000', 'green' => '#008000',
        'blue' => '#0000ff', 'maroon' => '#800000', 'teal' => '#008080', 'purple' => '#800080',
    ];

    private const NEEDED_CONTRAST = 4.5;

    /** A ground that no colour tells. */
    private const PICTURED = '~(?<![-\w])background(?:-image)?\s*:[^;]*(?:url\(|gradient\(|var\()~i';

    /** Luminance from which on nobody would set words on white. */
    private const NEARLY_WHITE = 0.8;

    /** Elements that words stand in. */
    private const WORDED = ['p', 'small', 'span', 'div', 'font', 'td', 'li', 'em', 'i', 'label', 'section'];

    /** Without any of these a page says nothing of looks. */
    private const STYLED = '~\bstyle\b|<font\b~i';

    /** Words from which on something is said by them. */
    private const SAYING = 4;

    public function __construct(private Page $page, private Labels $labels, private StyleRules $styles) {}

    /** @return list<FineWords> words of a form that are pale or small */
    public function read(FoundForm $form): array
    {
        return [...$this->besideBoxes($form), ...$this->elsewhere($form)];
    }

    /** @return list<FineWords> those that say what a box means */
    private function besideBoxes(FoundForm $form): array
    {
        $fine = [];
        foreach ($form->inputs('checkbox', 'radio') as $box) {
            $words = $this->labels->element($box) ?? $box->parentNode;
            $words = $words instanceof DOMElement && $this->page->text($words) === '' ? $this->page->behind($words) : $words;
            if (! $words instanceof DOMElement) {
                continue;
            }
            $where = new Selector($this->page->selector($box));
            if ($this->isFaint($words)) {
                $fine[] = new FineWords($where, $this->page->text($words), true, true);
            }
            if ($this->isSmall($words, $form, 'small') || $this->page->count(['small'], $words) > 0 || $this->isWhollyTiny($words)) {
                $fine[] = new FineWords($where, $this->page->text($words), false, true);
            }
        }

        return $fine;
    }

    /** @return list<FineWords> others, whose looks are said somewhere */
    private function elsewhere(FoundForm $form): array
    {
        if (! $this->page->mentions(self::STYLED)) {
            return [];
        }
        $atBoxes = array_map(fn (DOMElement $box): ?DOMElement => $this->labels->element($box), $form->inputs('checkbox', 'radio'));
        [$fine, $seen] = [[], []];
        foreach ($this->page->named(self::WORDED, $form->element) as $part) {
            if (! $this->hasLooks($part) || in_array($part, $atBoxes, true) || $this->holdsAny($part, $atBoxes) || $this->standsInAny($part, $seen)) {
                continue;
            }
            $text = $this->page->text($part);
            $faint = $this->isFaint($part);
            if (substr_count($text, ' ') + 1 >= self::SAYING && ($faint || $this->isSmall($part, $form))) {
                $fine[] = new FineWords(new Selector($this->page->selector($part)), $text, $faint, false);
                $seen[] = $part;
            }
        }

        return $fine;
    }

    /** @param  list<DOMElement>  $parts */
    private function standsInAny(DOMElement $part, array $parts): bool
    {
        return array_filter($parts, fn (DOMElement $outer): bool => $this->page->holds($outer, $part)) !== [];
    }

    /** @param  list<DOMElement|null>  $others */
    private function holdsAny(DOMElement $part, array $others): bool
    {
        return array_filter($others, fn (?DOMElement $other): bool => $other !== null && $this->page->holds($part, $other)) !== [];
    }

    private function hasLooks(DOMElement $part): bool
    {
        return $part->nodeName === 'font' || preg_match('~color|font|opacity~i', $this->styles->saidOf($part)) === 1;
    }

    /** Whether they hardly stand out; not where their ground is a picture, or is nowhere said and so dark that words in white stand on it. */
    private function isFaint(DOMElement $words): bool
    {
        [$colour, $ground, $shows] = [null, null, 1.0];
        for ($node = $words; $node instanceof DOMElement && $node->nodeName !== 'html'; $node = $node->parentNode) {
            $style = $this->styles->saidOf($node);
            $colour ??= self::colour($style, '(?<![-\w])color') ?? ($node->nodeName === 'font' ? self::parsed($node->getAttribute('color')) : null);
            if ($ground === null && preg_match(self::PICTURED, $style) === 1) {
                return false;
            }
            $ground ??= self::colour($style, '(?<![-\w])background(?:-color)?') ?? self::parsed($node->getAttribute('bgcolor'));
            $shows *= preg_match('~(?<![-\w])opacity\s*:\s*(0?\.\d+)~', $style, $m) === 1 ? (float) $m[1] : 1.0;
        }
        if ($colour === null ? $shows === 1.0 : $ground === null && $colour->luminance() > self::NEARLY_WHITE) {
            return false;
        }
        $ground ??= Colour::white();

        // Half-transparent words have some of their ground in them.
        return ($colour ?? Colour::black())->mixed($ground, 1.0 - $shows)->contrast($ground) < self::NEEDED_CONTRAST;
    }

    /** @param  string  $by  name of an element that makes words small, too */
    private function isSmall(DOMElement $words, FoundForm $form, string $by = ''): bool
    {
        for ($node = $words; $node instanceof DOMElement && $node->nodeName !== 'html'; $node = $node->parentNode) {
            if ($node === $form->element || ! $this->page->holds($form->element, $node)) {
                return false;
            }
            if ($node->nodeName === $by || self::isTiny($node, $this->styles->saidOf($node))) {
                return true;
            }
        }

        return false;
    }

    /** Whether all its words stand in one element that is tiny. */
    private function isWhollyTiny(DOMElement $words): bool
    {
        $all = $this->page->text($words);
        foreach ($all === '' ? [] : $this->page->named(['font', 'span', 'p', 'div', 'em', 'i'], $words) as $part) {
            if (self::isTiny($part, $this->styles->saidOf($part)) && $this->page->text($part) === $all) {
                return true;
            }
        }

        return false;
    }

    private static function isTiny(DOMElement $node, string $style): bool
    {
        if ($node->nodeName === 'font' && in_array($node->getAttribute('size'), ['1', '-2'], true)) {
            return true;
        }

        return $style !== '' && preg_match('~font-size\s*:\s*([\d.]+)(px|pt|em|rem|%)~i', $style, $m) === 1
            && (float) $m[1] < match (strtolower($m[2])) {
                'px' => 12.0,
                'pt' => 9.0,
                '%' => 80.0,
                default => 0.8,
            };
    }

    private static function colour(string $style, string $property): ?Colour
    {
        return $style === '' || preg_match("~$property\\s*:\\s*".self::COLOUR.'~i', $style, $m) !== 1 ? null : self::parsed($m[1]);
    }

    /** A colour as styles write it; null where it is none, or not known. What shows through it is mixed with white. */
    private static function parsed(string $said): ?Colour
    {
        $said = strtolower(trim($said));
        if (preg_match('~^rgba?\(\s*(\d+)[\s,]+(\d+)[\s,]+(\d+)(?:\s*[,/]\s*([\d.]+%?))?~', $said, $m) === 1) {
            $said = sprintf('#%02x%02x%02x', min(255, (int) $m[1]), min(255, (int) $m[2]), min(255, (int) $m[3]));
            $shows = isset($m[4]) ? (float) $m[4] / (str_ends_with($m[4], '%') ? 100 : 1) : 1.0;

            return Colour::find($said)?->mixed(Colour::white(), 1.0 - min(1.0, $shows));
        }
        $hex = self::NAMED[$said] ?? $said;
        $hex = preg_match('~^#([0-9a-f])([0-9a-f])([0-9a-f])[0-9a-f]?$~D', $hex, $m) === 1 ? "#$m[1]$m[1]$m[2]$m[2]$m[3]$m[3]" : $hex;

        return Colour::find(substr($hex, 0, 7));
    }
}
