<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Register\Channel;

/**
 * What stands on which page of a form, and what of it somebody sees who has answered so and so. What hangs on an answer is hidden only
 * where that answer is given: while nobody has answered, it is shown (job.md: unknown means the strictest rule).
 */
final readonly class Layout
{
    /**
     * @param  non-empty-list<LaidPage>  $pages
     * @param  array<string, non-empty-list<string>>  $within  name of a field to the boxes behind which it stands, because nothing else calls for it
     */
    private function __construct(public array $pages, private array $within) {}

    public static function of(Sheet $sheet): self
    {
        $draft = $sheet->draft;
        $first = $draft->pages[0]->id->text ?? '';
        $known = array_map(static fn (FormPage $p): string => $p->id->text, $draft->pages);
        $isSeen = static fn (Field|Control $item): bool => ! $item instanceof Field || $item->kind->labelling() !== Labelling::None;
        $standsOn = static fn (Field|Control $item): string => in_array($item->page, $known, true) ? $item->page : $first;
        // What nobody sees comes with the first page on which something is seen: its address may say it, and by itself it is no page.
        $shown = array_map($standsOn, array_filter([...$draft->fields, ...$draft->controls], $isSeen));
        $begins = array_values(array_intersect($known, $shown))[0] ?? $first;
        $on = static fn (Field|Control $item): string => $isSeen($item) ? $standsOn($item) : $begins;
        $pages = [];
        foreach ($draft->pages === [] ? [null] : $draft->pages as $page) {
            $is = static fn (Field|Control $item): bool => $on($item) === ($page->id->text ?? '');
            [$fields, $controls] = [array_values(array_filter($draft->fields, $is)), array_values(array_filter($draft->controls, $is))];
            if ($fields !== [] || $controls !== []) {
                $pages[] = new LaidPage(count($pages) + 1, $page, $fields, $controls);
            }
        }

        if (count($pages) < 2) {
            $pages = [new LaidPage(1, null, $pages[0]->fields ?? [], $pages[0]->controls ?? [])];
        }

        return new self($pages, self::reachedWithin($sheet, $pages));
    }

    public function last(): LaidPage
    {
        return $this->pages[count($this->pages) - 1];
    }

    /** The page on which a field or a control stands; the first where it stands on none. */
    public function pageOf(string $name): LaidPage
    {
        foreach ($this->pages as $page) {
            if ($page->has($name)) {
                return $page;
            }
        }

        return $this->pages[0];
    }

    /** @return list<string> the boxes behind which a field stands; none where it stands by itself */
    public function boxesOf(Field $field): array
    {
        return $this->within[$field->name()] ?? [];
    }

    /** The field that stands behind a control's boxes and is called for by them. */
    public function fieldWithin(Control $control): ?Field
    {
        foreach ($this->pageOf($control->name())->fields as $field) {
            if (str_starts_with($this->boxesOf($field)[0] ?? '', $control->name().'-')) {
                return $field;
            }
        }

        return null;
    }

    /** The field on which it hangs whether something is shown, where that field is asked before it and has answers to choose from. */
    public function governor(Field|Control $item): ?Field
    {
        if ($item->when === null || $item->when->answers === []) {
            return null;
        }
        foreach ($this->pages as $page) {
            foreach ($page->items() as $each) {
                if ($each->name() === $item->name()) {
                    return null;
                }
                if ($each instanceof Field && $each->id->equals($item->when->field)) {
                    return $each->kind instanceof Governs ? $each : null;
                }
            }
        }

        return null;
    }

    /**
     * @return list<Field> that may govern something: those before it with answers to choose from
     */
    public function governorsFor(Field|Control $item): array
    {
        $before = [];
        foreach ($this->pages as $page) {
            foreach ($page->items() as $each) {
                if ($each->name() === $item->name()) {
                    return $before;
                }
                if ($each instanceof Field && $each->kind instanceof Governs) {
                    $before[] = $each;
                }
            }
        }

        return $before;
    }

    /** Whether something is left out, since the answers so far do not call for it. */
    public function hides(Field|Control $item, Typed $typed): bool
    {
        $boxes = $item instanceof Field ? $this->boxesOf($item) : [];
        if ($boxes !== [] && array_filter($boxes, static fn (string $box): bool => $typed->in($box) === 'yes') === []) {
            return true;
        }
        $governor = $this->governor($item);
        if ($governor === null || $item->when === null || ! $governor->kind instanceof Governs) {
            return false;
        }
        if ($this->hides($governor, $typed)) {
            return true;
        }
        $onOnePage = $this->pageOf($governor->name()) === $this->pageOf($item->name());
        // What styles cannot hide was seen.
        if ($onOnePage && $governor->kind->otherwise($governor, $item->when->answers) === null) {
            return false;
        }
        $chosen = $governor->kind->chosen($governor, $typed);

        return $chosen !== [] && array_intersect($chosen, $item->when->answers) === [];
    }

    /** @return list<string> names of whatever is left out */
    public function hidden(Typed $typed): array
    {
        $hidden = [];
        foreach ($this->pages as $page) {
            foreach ($page->items() as $item) {
                if ($this->hides($item, $typed)) {
                    $hidden[] = $item->name();
                }
            }
        }

        return $hidden;
    }

    /** The next page with anything to show; null behind the last. */
    public function after(LaidPage $page, Typed $typed): ?LaidPage
    {
        return $this->shown(array_slice($this->pages, $page->number), $typed);
    }

    /** The page before with anything to show; null before the first. */
    public function before(LaidPage $page, Typed $typed): ?LaidPage
    {
        return $this->shown(array_reverse(array_slice($this->pages, 0, $page->number - 1)), $typed);
    }

    /** Whether it hangs on an answer that is given on an earlier page, so that the page itself leaves it out. */
    public function isLeftOutByPage(Field|Control $item): bool
    {
        $governor = $this->governor($item);

        return $governor !== null && ($this->pageOf($governor->name()) !== $this->pageOf($item->name()) || $this->isLeftOutByPage($governor));
    }

    /** Whether it is ever left out. */
    public function isConditional(Field|Control $item): bool
    {
        return $this->governor($item) !== null || ($item instanceof Field && $this->boxesOf($item) !== []);
    }

    /** Styles that hide, without a script, what the answers on the same page do not call for. */
    public function css(): string
    {
        $rules = '';
        foreach ($this->pages as $page) {
            foreach ($page->items() as $item) {
                foreach ($this->holding($item) as $state) {
                    $rules .= "main$state .on-{$item->name()} { display: none !important; }\n";
                }
            }
        }

        return $rules === '' ? '' : "/* What is shown only where it is called for. */\n$rules";
    }

    /** @return list<string> states of what lies around it, in each of which it is left out by an answer on its own page */
    private function holding(Field|Control $item): array
    {
        $boxes = $item instanceof Field ? $this->boxesOf($item) : [];
        $states = $boxes === [] ? [] : [':not(:has('.implode(', ', array_map(static fn (string $box): string => "[id=\"$box\"]:checked", $boxes)).'))'];
        $governor = $this->governor($item);
        if ($governor !== null && $item->when !== null && $governor->kind instanceof Governs) {
            $own = $this->pageOf($governor->name()) === $this->pageOf($item->name()) ? $governor->kind->otherwise($governor, $item->when->answers) : null;
            array_push($states, ...($own === null ? [] : [$own]), ...$this->holding($governor));
        }

        return $states;
    }

    /** @param  list<LaidPage>  $pages */
    private function shown(array $pages, Typed $typed): ?LaidPage
    {
        foreach ($pages as $page) {
            foreach ($page->items() as $item) {
                if (! $this->hides($item, $typed)) {
                    return $page;
                }
            }
        }

        return null;
    }

    /**
     * Fields that nothing needs but boxes of one control: they take the address of a channel, are optional, and whatever asks by that channel
     * lets it be chosen.
     *
     * @param  list<LaidPage>  $pages
     * @return array<string, non-empty-list<string>>
     */
    private static function reachedWithin(Sheet $sheet, array $pages): array
    {
        $within = [];
        foreach ($pages as $page) {
            foreach ($page->fields as $field) {
                $askers = $field->required || $field->when !== null ? [] : self::askers($sheet, $field);
                $control = $askers[0] ?? null;
                if ($control === null || count($askers) > 1 || $control->kind !== ControlKind::Channels || ! $page->has($control->name())) {
                    continue;
                }
                $channels = array_filter($sheet->statement($control->statement)->channels ?? [], $field->kind->reaches(...));
                $boxes = array_values(array_map($control->box(...), $channels));
                if ($boxes !== [] && ! in_array($boxes, $within, true)) {
                    $within[$field->name()] = $boxes;
                }
            }
        }

        return $within;
    }

    /** @return list<Control> whose statements ask by what the field takes; the address itself is always asked */
    private static function askers(Sheet $sheet, Field $field): array
    {
        $needs = static fn (Channel $c): bool => $c !== Channel::Email && $field->kind->reaches($c);

        return array_values(array_filter(
            $sheet->draft->controls,
            static fn (Control $c): bool => array_filter($sheet->statement($c->statement)->channels ?? [], $needs) !== []
        ));
    }
}
