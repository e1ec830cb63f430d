<?php

declare(strict_types=1);

namespace Juramen\Register;

/** How a form looks: a point's choices over those of its house, and ours where neither has chosen. */
final readonly class Look
{
    private const TEXT = 4.5;

    private const EDGE = 3.0;

    private const BREACH = '#8e1b2e';

    private function __construct(private LookDraft $chosen, private bool $isDark) {}

    /**
     * @param  Colour  $accent  of the controller
     * @param  LookDraft  $house  of the controller
     * @param  LookDraft  $own  of the point
     */
    public static function of(Colour $accent, LookDraft $house, LookDraft $own): self
    {
        $chosen = $own->over($house);

        return new self($chosen->over(LookDraft::withAccent($accent)), false);
    }

    /** Whether mails bear the sign of the house. */
    public function signsMails(): bool
    {
        return $this->chosen->signsMails;
    }

    public function accent(): Colour
    {
        $accent = $this->chosen->accent ?? Colour::parse('#0f4c5c');

        return $this->isDark ? $accent->passing($this->page(), self::TEXT) : $accent;
    }

    public function page(): Colour
    {
        // In the dark it keeps a little of the accent's hue.
        return $this->isDark ? Colour::parse('#14171c')->mixed($this->chosen->accent ?? Colour::black(), 0.14)
            : $this->chosen->page ?? Colour::parse('#fffdf9');
    }

    public function paper(): Colour
    {
        return $this->isDark ? $this->page()->mixed(Colour::black(), 0.35) : $this->chosen->paper ?? Colour::parse('#f3f0e8');
    }

    public function ink(): Colour
    {
        $ink = $this->chosen->ink ?? Colour::parse('#1b2230');

        return $this->isDark ? $ink->mixed(Colour::white(), 0.88) : $ink;
    }

    public function edge(): Colour
    {
        $edge = $this->chosen->edge ?? Colour::parse('#82879a');

        return $this->isDark ? $edge->passing($this->page(), self::EDGE) : $edge;
    }

    public function button(): Colour
    {
        return $this->accent();
    }

    public function buttonText(): Colour
    {
        return ! $this->isDark && $this->chosen->buttonText !== null ? $this->chosen->buttonText : $this->button()->opposite();
    }

    public function hover(): Colour
    {
        return ! $this->isDark && $this->chosen->hover !== null ? $this->chosen->hover : $this->button()->mixed($this->buttonText()->opposite(), 0.14);
    }

    public function pressed(): Colour
    {
        return ! $this->isDark && $this->chosen->pressed !== null ? $this->chosen->pressed : $this->button()->mixed($this->buttonText()->opposite(), 0.3);
    }

    public function font(): LookFont
    {
        return $this->chosen->font ?? LookFont::Serif;
    }

    public function spacing(): LookSpacing
    {
        return $this->chosen->spacing ?? LookSpacing::Even;
    }

    /** In pixels. */
    public function corner(): int
    {
        return $this->chosen->corner ?? 3;
    }

    /** In pixels. */
    public function edgeWidth(): int
    {
        return $this->chosen->edgeWidth ?? 1;
    }

    public function isUnderlined(): bool
    {
        return $this->chosen->edges === 'bottom';
    }

    public function isBeside(): bool
    {
        return $this->chosen->labels === 'beside';
    }

    /** Whether fields and button stand in one line, for the foot of a page; the statement stands whole under them. */
    public function isLine(): bool
    {
        return $this->chosen->layout === 'line';
    }

    /** Whether it has no ground of its own, but that of the page on which it is put; fields keep theirs. */
    public function isClear(): bool
    {
        return $this->chosen->ground === 'host';
    }

    /** What has no ground of its own cannot know how dark the other one is. */
    public function followsDark(): bool
    {
        return $this->chosen->dark !== 'never' && ! $this->isClear();
    }

    /** The same as it is where a visitor's system is dark. */
    public function dark(): self
    {
        return new self($this->chosen, true);
    }

    /** @return list<LookPair> every two colours that meet; the ring of what has the focus is that of text */
    public function pairs(): array
    {
        $open = $this->isClear();

        return [
            new LookPair('text on the form', 'ink', $this->ink(), $this->page(), self::TEXT, isOpen: $open),
            ...($open ? [new LookPair('text in fields', 'ink', $this->ink(), $this->page(), self::TEXT)] : []),
            new LookPair('links on the form', 'accent', $this->accent(), $this->page(), self::TEXT, isOpen: $open),
            new LookPair('words on a button', 'button-text', $this->buttonText(), $this->button(), self::TEXT),
            new LookPair('words on a button under the pointer', 'hover', $this->buttonText(), $this->hover(), self::TEXT, isGround: true),
            new LookPair('words on a button that is pressed', 'pressed', $this->buttonText(), $this->pressed(), self::TEXT, isGround: true),
            new LookPair('a button beside the form', 'accent', $this->button(), $this->page(), self::EDGE, isOpen: $open),
            new LookPair('edges of fields', 'edge', $this->edge(), $this->page(), self::EDGE),
        ];
    }

    /** As styles, as it is in the dark wherever it is seen: for a proof. */
    public function darkCss(): string
    {
        if (! $this->followsDark()) {
            return $this->css();
        }

        return str_replace('color-scheme: light dark', 'color-scheme: dark', strstr($this->css(), '@media', true).":root {\n{$this->dark()->colours()}}\n");
    }

    /** As styles: what the frozen sheet of styles takes its colours and measures from. */
    public function css(): string
    {
        $css = ":root {\n  color-scheme: light".($this->followsDark() ? ' dark' : '').";\n{$this->colours()}"
            ."  --font: {$this->font()->css()};\n  --corner: {$this->corner()}px; --edge: {$this->edgeWidth()}px; --room: {$this->spacing()->rem()}rem;\n}\n";

        return $css.($this->followsDark() ? "@media (prefers-color-scheme: dark) {\n:root {\n{$this->dark()->colours()}}\n}\n" : '');
    }

    /** Rules behind the others, for what is not measured but placed otherwise. */
    public function rules(): string
    {
        return ($this->chosen->sign === null ? '' : self::SIGN).($this->isClear() ? self::CLEAR : '')
            .($this->isUnderlined() ? self::UNDERLINED : '').($this->isBeside() ? self::BESIDE : '').($this->isLine() ? self::LINE : '');
    }

    private const SIGN = "img.sign { display: block; max-height: 3.5rem; width: auto; max-width: 60%; height: auto; margin: 0 0 1rem; }\n";

    private const CLEAR = "body, main { background: none; }\n";

    private const UNDERLINED = "input:not([type=checkbox], [type=radio]), select, textarea { border-width: 0 0 var(--edge); border-radius: 0; }\n";

    private const BESIDE = "@media (min-width: 40rem) {\n  main { max-width: 44rem; }\n"
        ."  div.field:not(:has(.tick)) { display: grid; grid-template-columns: 11rem minmax(0, 1fr); gap: 0 1.25rem; align-items: baseline; }\n"
        ."  div.field:not(:has(.tick)) > :not(label) { grid-column: 2; }\n}\n";

    private const LINE = "@media (min-width: 40rem) {\n  main { max-width: 60rem; }\n  form { display: flex; flex-wrap: wrap; gap: .75rem 1rem; align-items: end; }\n"
        ."  form > .field { margin: 0; }\n  form > div.field:not(:has(.tick)) { flex: 1 1 12rem; }\n  form > button { flex: 0 0 auto; width: auto; order: 1; }\n"
        ."  form > :is(.field:has(.tick), .small, fieldset) { flex: 1 0 100%; order: 2; margin: 0; }\n}\n";

    private function colours(): string
    {
        $soft = $this->ink()->mixed($this->page(), 0.3)->passing($this->page(), self::TEXT);
        $breach = Colour::parse(self::BREACH)->passing($this->page(), self::TEXT);

        return "  --accent: {$this->accent()->hex()}; --ink: {$this->ink()->hex()}; --soft: {$soft->hex()}; --line: {$this->edge()->hex()};\n"
            ."  --page: {$this->page()->hex()}; --paper: {$this->paper()->hex()}; --breach: {$breach->hex()};\n"
            ."  --button: {$this->button()->hex()}; --on-button: {$this->buttonText()->hex()}; --hover: {$this->hover()->hex()};"
            ." --pressed: {$this->pressed()->hex()};\n";
    }
}
