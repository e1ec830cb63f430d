<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMElement;

/** Finds the forms of a page: those that say so, and fields that stand together without a form around them. */
final readonly class FormFinder
{
    private const CONTROLS = '//input[not(@type="hidden")]|//select|//textarea|//*[@role="checkbox"]|//*[@role="switch"]|//*[@role="radio"]';

    public function __construct(private Page $page) {}

    /** @return list<FoundForm> */
    public function all(): array
    {
        $forms = [];
        $taken = [];
        foreach ($this->page->all('//form') as $form) {
            $controls = array_values(array_filter($this->page->all(self::CONTROLS), fn (DOMElement $c): bool => $this->owner($c)?->isSameNode($form) === true));
            array_push($taken, ...$controls);
            if ($controls !== []) {
                $forms[] = new FoundForm($form, $controls);
            }
        }
        $loose = array_values(array_filter($this->page->all(self::CONTROLS), fn (DOMElement $c): bool => $this->owner($c) === null));
        if ($loose !== []) {
            $forms[] = new FoundForm($this->common($loose), $loose);
        }

        return $forms;
    }

    private function owner(DOMElement $control): ?DOMElement
    {
        $named = $control->getAttribute('form');
        if ($named !== '') {
            return $this->page->byId($named);
        }
        for ($node = $control->parentNode; $node instanceof DOMElement; $node = $node->parentNode) {
            if ($node->nodeName === 'form') {
                return $node;
            }
        }

        return null;
    }

    /** @param  non-empty-list<DOMElement>  $controls */
    private function common(array $controls): DOMElement
    {
        for ($node = $controls[0]->parentNode; $node instanceof DOMElement; $node = $node->parentNode) {
            $inside = array_filter($controls, static function (DOMElement $control) use ($node): bool {
                for ($up = $control->parentNode; $up !== null; $up = $up->parentNode) {
                    if ($up->isSameNode($node)) {
                        return true;
                    }
                }

                return false;
            });
            // A part with a button or words of its own, not the bare wrapper of a single field.
            if (count($inside) === count($controls) && ($this->page->all('.//button|.//input[@type="submit"]', $node) !== [] || $node->nodeName === 'body' || count($controls) > 1)) {
                return $node;
            }
        }

        return $this->page->body();
    }
}
