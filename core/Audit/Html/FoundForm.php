<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMElement;

/** A form with the controls that belong to it. */
final readonly class FoundForm
{
    /** How libraries that draw a page have a box ticked as it is drawn. */
    private const BOUND = [':checked', 'v-bind:checked', 'x-bind:checked', 'ng-checked'];

    /** @var array<string, array<int, DOMElement>> inputs by their type, by their place among the controls */
    private array $inputs;

    /** @var array<string, list<DOMElement>> controls by their name */
    private array $elements;

    /** @param  non-empty-list<DOMElement>  $controls */
    public function __construct(public DOMElement $element, public array $controls)
    {
        [$inputs, $elements] = [[], []];
        foreach ($controls as $i => $control) {
            $elements[$control->nodeName][] = $control;
            if ($control->nodeName === 'input') {
                $inputs[strtolower($control->getAttribute('type')) ?: 'text'][$i] = $control;
            }
        }
        [$this->inputs, $this->elements] = [$inputs, $elements];
    }

    /** @return list<DOMElement> inputs of the given types, in the order of the form */
    public function inputs(string ...$types): array
    {
        $inputs = [];
        foreach ($types as $type) {
            $inputs += $this->inputs[$type] ?? [];
        }
        if (count($types) > 1) {
            ksort($inputs);
        }

        return array_values($inputs);
    }

    /** @return list<DOMElement> */
    public function elements(string $name): array
    {
        return $this->elements[$name] ?? [];
    }

    /** Whether an element is a box or one of several answers, or plays one. */
    public static function isBox(DOMElement $element): bool
    {
        return in_array(strtolower($element->getAttribute('type')), ['checkbox', 'radio'], true)
            || in_array($element->getAttribute('role'), ['checkbox', 'switch', 'radio'], true);
    }

    /** Whether a box, or what plays one, stands on yes. */
    public static function isOn(DOMElement $element): bool
    {
        $says = array_map($element->getAttribute(...), ['aria-checked', 'aria-pressed', 'data-checked', ...self::BOUND]);

        return $element->hasAttribute('checked') || $element->hasAttribute('defaultchecked') || in_array('true', array_map(strtolower(...), $says), true)
            || in_array(strtolower($element->getAttribute('data-state')), ['checked', 'on'], true);
    }
}
