<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMElement;

/** A form with the controls that belong to it. */
final readonly class FoundForm
{
    /** @param  non-empty-list<DOMElement>  $controls */
    public function __construct(public DOMElement $element, public array $controls) {}

    /** @return list<DOMElement> inputs of the given types */
    public function inputs(string ...$types): array
    {
        return array_values(
            array_filter(
                $this->controls,
                static fn (DOMElement $c): bool => $c->nodeName === 'input' && in_array(strtolower($c->getAttribute('type')) ?: 'text', $types, true)
            )
        );
    }

    /** @return list<DOMElement> */
    public function elements(string $name): array
    {
        return array_values(array_filter($this->controls, static fn (DOMElement $c): bool => $c->nodeName === $name));
    }
}
