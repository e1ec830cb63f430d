<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMElement;
use Juramen\Audit\Selector;

/** Reads whether a form stands in a pop-up, and how that leans on people: without a way to close it, or with a clock that runs down. */
final readonly class PopUpReader
{
    /** What pop-ups are called in classes. */
    private const NAMES = '~(?:^|[\s_-])(?:pop-?up|modal|overlay|lightbox|interstitial)(?:$|[\s_-])~i';

    /** What stands somewhere in the source of a page with a pop-up. */
    private const ANYWHERE = '~dialog|aria-modal|pop-?up|modal|overlay|lightbox|interstitial|position\s*:\s*fixed~i';

    /** What lies over the whole page, whatever it is called. */
    private const COVERS = '~^(?=.*position\s*:\s*fixed)(?=.*(?:inset\s*:\s*0|(?:width\s*:\s*100(?:%|vw).*height|height\s*:\s*100(?:%|vh).*width)\s*:\s*100))~is';

    private const CLOCK = '~count-?down|(?:^|[\s_-])timer(?:$|[\s_-])~i';

    /** What closes it: a sign, or a word in one of the languages read here. */
    private const CLOSES = '~^\s*[x×✕✖]\s*$|\b(?:close|dismiss|no,? thanks?|not now|later|skip|cancel|schließen|schliessen|nein danke|später|fermer|plus tard|non merci'
        .'|stäng|nej tack|luk|nej tak|senere)\b~iu';

    /** Attributes that tell what an element is called, and those that tell what a press of it does. */
    private const CALLED = ['aria-label', 'title', 'class', 'id'];

    private const DOES = ['onclick', 'data-dismiss', 'data-bs-dismiss', 'data-close', 'data-action'];

    public function __construct(private Page $page, private StyleRules $styles) {}

    /** The pop-up that a form stands in, whole, and not the part of it that holds the form; null where it is none. */
    private function around(DOMElement $form): ?DOMElement
    {
        $popUp = null;
        for ($node = $form; $node instanceof DOMElement && $node->nodeName !== 'body'; $node = $node->parentNode) {
            $says = in_array($node->getAttribute('role'), ['dialog', 'alertdialog'], true) || $node->getAttribute('aria-modal') === 'true'
                || preg_match(self::NAMES, $node->getAttribute('class').' '.$node->getAttribute('id')) === 1
                || preg_match(self::COVERS, $this->styles->saidOf($node)) === 1;
            $popUp = $says ? $node : $popUp;
        }

        return $popUp;
    }

    /** The pop-up around a form where nothing in it closes it; a dialog element is closed by a key. */
    public function cannotBeClosed(FoundForm $form): ?Selector
    {
        $popUp = $this->page->mentions(self::ANYWHERE) ? $this->around($form->element) : null;
        if ($popUp === null || $this->isClosedByKey($popUp, $form->element)) {
            return null;
        }
        foreach ($this->page->named(['button', 'a', 'span', 'div', 'i', 'svg'], $popUp) as $element) {
            // What is not there yet closes nothing.
            if ($this->page->isHidden($element)) {
                continue;
            }
            $called = implode(' ', array_map($element->getAttribute(...), self::CALLED));
            if ($this->doesClose($element)) {
                return null;
            }
            $words = $element->nodeName === 'a' || ControlType::kind($element) === ControlType::BUTTON ? $this->page->text($element) : '';
            if (preg_match(self::CLOSES, str_replace(['-', '_'], ' ', $called)) === 1 || ($words !== '' && preg_match(self::CLOSES, $words) === 1)) {
                return null;
            }
        }

        return new Selector($this->page->selector($popUp));
    }

    private function doesClose(DOMElement $element): bool
    {
        foreach (self::DOES as $name) {
            if ($element->hasAttribute($name) && preg_match('~close|dismiss|hide~i', "$name {$element->getAttribute($name)}") === 1) {
                return true;
            }
        }

        return false;
    }

    /** Whether the pop-up, or a part of it that holds the form, is an element that browsers close by a key. */
    private function isClosedByKey(DOMElement $popUp, DOMElement $form): bool
    {
        for ($node = $form; $node instanceof DOMElement; $node = $node->parentNode) {
            if ($node->nodeName === 'dialog' || $node->hasAttribute('popover')) {
                return true;
            }
            if ($node === $popUp) {
                break;
            }
        }

        return false;
    }

    /** A clock that runs down in the form, in the heading over it, or in the pop-up around it. */
    public function clock(FoundForm $form): ?Selector
    {
        if (! $this->page->mentions('~count-?down|timer~i')) {
            return null;
        }
        $heading = $this->page->before($form->element, ['h1', 'h2', 'h3', 'h4']);
        $parts = ['span', 'div', 'p', 'time', 'strong', 'b'];
        $holds = $heading?->parentNode;
        $over = $holds instanceof DOMElement && $this->page->holds($holds, $form->element) ? $this->page->named($parts, $heading) : [];
        foreach ([...$over, ...$this->page->named($parts, $this->around($form->element) ?? $form->element)] as $element) {
            $called = $element->getAttribute('class').' '.$element->getAttribute('id').' '.$element->getAttribute('role');
            if (preg_match(self::CLOCK, $called) === 1 || $element->hasAttribute('data-countdown')) {
                return new Selector($this->page->selector($element));
            }
        }

        return null;
    }
}
