<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMElement;

/** A form with the controls that belong to it. */
final readonly class FoundForm
{
    /** How libraries that draw a page have a box ticked as it is drawn. */
    private const BOUND = [':checked', 'v-bind:checked', 'x-bind:checked', 'ng-checked'];

    /** @var array<string, array<int, DOMElement>> controls by their type, by their place among them */
    private array $inputs;

    /** @param  non-empty-list<DOMElement>  $controls */
    public function __construct(public DOMElement $element, public array $controls)
    {
        $inputs = [];
        foreach ($controls as $i => $control) {
            $inputs[ControlType::of($control)][$i] = $control;
        }
        $this->inputs = $inputs;
    }

    /** @return list<DOMElement> controls of the given types, in the order of the form */
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

    /** Whether an element is a box or one of several answers, or plays one. */
    public static function isBox(DOMElement $element): bool
    {
        return in_array(ControlType::of($element), ['checkbox', 'radio'], true);
    }

    /** Whether an element says of itself that it must be filled in. */
    public static function isRequired(DOMElement $element): bool
    {
        return $element->hasAttribute('required') || $element->getAttribute('aria-required') === 'true';
    }

    /** Whether a box or an answer of a list, or what plays one, stands on yes. */
    public static function isOn(DOMElement $element): bool
    {
        $says = array_map($element->getAttribute(...), ['aria-checked', 'aria-pressed', 'aria-selected', 'data-checked', ...self::BOUND]);

        return array_filter(['checked', 'defaultchecked', 'selected'], $element->hasAttribute(...)) !== []
            || in_array('true', array_map(strtolower(...), $says), true)
            || in_array(strtolower($element->getAttribute('data-state')), ['checked', 'on'], true);
    }
}
