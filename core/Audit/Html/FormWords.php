<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMElement;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Listener;

/** The words of a form, by where they stand: those of its heading and buttons say what it is for before all others. */
final readonly class FormWords
{
    /** A button that says no. */
    private const NO = '~^\s*(?:'.LabelWords::NO.')(?: thanks| thank you| danke| merci| tack| tak)?\s*(?:[,.!–-]|$)~iu';

    /** Inputs that are pressed. */
    private const PRESSED = ['submit', 'button', 'image'];

    private const HEADINGS = ['h1', 'h2', 'h3', 'h4'];

    /**
     * @param  string  $heading  of the form: within it, or else right before it
     * @param  string  $buttons  one on each line
     * @param  string  $says  both, and what it is called
     * @param  string  $text  of the whole form
     * @param  string  $asked  the same but for sentences that take another act for consent: "by taking the test you agree to get our offers as well"
     * @param  string  $besideBoxes  the same but for the words of boxes and questions over them: what a box asks for besides is not what the form is for
     * @param  string  $beside  what stands right beside it
     */
    private function __construct(
        public string $heading,
        public string $buttons,
        public string $says,
        public string $text,
        public string $asked,
        public string $besideBoxes,
        public string $beside,
    ) {}

    /**
     * @param  string  $text  of the whole form
     * @param  string  $beside  what stands right beside it
     */
    public static function of(FoundForm $form, Page $page, Labels $labels, Listener $listener, string $text, string $beside): self
    {
        $heading = self::headings($form, $page);
        $buttons = self::namesOf($form, $page);
        $asked = self::withoutActs($text, $listener);

        return new self(
            $heading, $buttons, Lines::tidy("$heading\n$buttons\n{$form->element->getAttribute('aria-label')}"), $text,
            $asked, self::withoutBoxes($form, $page, $labels, $asked), $beside
        );
    }

    /** @return list<string> everything that says what it is for, each part by itself, as it is read elsewhere too */
    public function parts(): array
    {
        return array_values(array_filter([$this->says, $this->asked, $this->beside], static fn (string $part): bool => $part !== ''));
    }

    private static function headings(FoundForm $form, Page $page): string
    {
        $before = $page->before($form->element, self::HEADINGS);
        $ofForm = static fn (DOMElement $heading): bool => ! self::isOfBoxes($form, $page, $heading);
        $inside = array_values(array_filter($page->named(self::HEADINGS, $form->element), $ofForm));
        // Beside a heading a legend names its own fields, such as a question about news.
        $named = $page->named(['h5', ...($before !== null || $inside !== [] ? [] : [...self::HEADINGS, 'legend', 'caption'])], $form->element);

        return implode("\n", array_map($page->text(...), $before === null || $inside !== [] ? [...$inside, ...$named] : [...$named, $before]));
    }

    /** "Newsletter" over a box, behind fields that stand before it: it names what the box asks for, and not what the form is for. */
    private static function isOfBoxes(FoundForm $form, Page $page, DOMElement $heading): bool
    {
        [$below, $above] = [[], []];
        foreach ($form->controls as $control) {
            $over = $page->before($control, self::HEADINGS);
            if ($over === $heading) {
                $below[] = $control;
            } elseif ($below === []) {
                $above[] = $control;
            }
        }
        $isBox = static fn (DOMElement $control): bool => in_array(ControlType::of($control), ['checkbox', 'radio'], true);

        return $above !== [] && $below !== [] && array_filter($below, $isBox) === $below;
    }

    /** Beside a button that says no, another says what the form is for: "No, I would rather pay the full price" buys nothing. */
    private static function namesOf(FoundForm $form, Page $page): string
    {
        $names = [];
        foreach (self::pressed($form, $page) as $button) {
            $names[] = match (true) {
                $button->nodeName !== 'input' => $page->text($button),
                in_array($button->getAttribute('type'), self::PRESSED, true) => $button->getAttribute('value').' '.$button->getAttribute('alt'),
                default => '',
            };
        }

        $others = array_values(array_filter($names, static fn (string $name): bool => preg_match(self::NO, $name) !== 1));

        return Lines::tidy(implode("\n", $others === [] ? $names : $others));
    }

    /** @return list<DOMElement> buttons, or else links that are pressed in their place */
    private static function pressed(FoundForm $form, Page $page): array
    {
        $buttons = $page->named([ControlType::BUTTON, 'input'], $form->element);
        $isButton = static fn (DOMElement $e): bool => $e->nodeName !== 'input' || in_array($e->getAttribute('type'), self::PRESSED, true);

        return array_filter($buttons, $isButton) !== [] ? $buttons : array_values(array_filter(
            $page->named(['a'], $form->element), ControlType::leadsNowhere(...)
        ));
    }

    private static function withoutActs(string $text, Listener $listener): string
    {
        foreach ($listener->all($text, Meaning::TakenFromAct) as $taken) {
            $text = str_replace($taken->words->words, '', $text);
        }

        return $text;
    }

    private static function withoutBoxes(FoundForm $form, Page $page, Labels $labels, string $text): string
    {
        $boxes = array_map($labels->of(...), $form->inputs('checkbox'));
        $over = array_map($page->text(...), $page->named(['legend'], $form->element));

        return (string) preg_replace($boxes === [] ? [] : '~^.*\?$~m', '', strtr($text, array_fill_keys(array_filter([...$boxes, ...$over]), '')));
    }
}
