<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Canon\Document;

/** A change to what is written here that mends a finding. */
final readonly class Mend
{
    /**
     * @param  string  $label  what pressing it does, such as "Remove the field"
     * @param  string  $place  a path in the document
     * @param  mixed  $value  the new value; null takes the place away
     * @param  bool  $adds  whether the value is a text that is added behind what stands there
     */
    public function __construct(public string $label, public string $place, public mixed $value, private bool $adds = false) {}

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed> mended
     */
    public function apply(array $document): array
    {
        $there = Document::at($document, $this->place);

        return Document::with($document, $this->place, $this->adds && is_string($there) && is_string($this->value) ? trim($there).' '.$this->value : $this->value);
    }
}
