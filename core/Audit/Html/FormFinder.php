<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMElement;

/** Finds the forms of a page: those that say so, and fields that stand together without a form around them. */
final readonly class FormFinder
{
    private const MOST_CONTROLS = 4000;

    public function __construct(private Page $page) {}

    /**
     * @return list<FoundForm>
     *
     * @throws UnreadableHtml where nobody could be meant to fill all that in
     */
    public function all(): array
    {
        $controls = $this->page->named(ControlType::CONTROLS);
        if (count($controls) > self::MOST_CONTROLS) {
            throw new UnreadableHtml(
                'It has '.number_format(count($controls)).' fields and boxes; up to '.number_format(self::MOST_CONTROLS)
                    .' are read. Give the part with the form that you ask about.'
            );
        }
        [$owned, $loose] = [[], []];
        foreach ($controls as $control) {
            $owner = $this->owner($control);
            if ($owner === null) {
                $loose[] = $control;
            } else {
                $owned[spl_object_id($owner)][] = $control;
            }
        }
        $forms = [];
        foreach ($this->page->named(['form']) as $form) {
            if (isset($owned[spl_object_id($form)])) {
                $forms[] = new FoundForm($form, $owned[spl_object_id($form)]);
            }
        }
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

    /**
     * The least part of a page that holds controls and what sends them: not the bare wrapper of a single field, nor the table of them all. Where
     * nothing sends them, whatever holds them.
     *
     * @param  non-empty-list<DOMElement>  $controls  in the order of the page: whatever holds the first and the last holds all
     */
    private function common(array $controls): DOMElement
    {
        $last = $controls[count($controls) - 1];
        $least = null;
        for ($node = $controls[0]->parentNode; $node instanceof DOMElement && $node->nodeName !== 'body'; $node = $node->parentNode) {
            if (! $this->page->holds($node, $last)) {
                continue;
            }
            $least ??= $node;
            if ($this->page->count(['form'], $node) > 0) {
                break;
            }
            if ($this->hasButton($node)) {
                return $node;
            }
        }

        return count($controls) > 1 && $least !== null ? $least : $this->page->body();
    }

    private function hasButton(DOMElement $part): bool
    {
        return $this->page->count([ControlType::BUTTON], $part) > 0
            || array_filter($this->page->named(['input'], $part), static fn (DOMElement $input): bool => $input->getAttribute('type') === 'submit') !== [];
    }
}
