<?php

declare(strict_types=1);

namespace App\Pages\Controls;

/** A place of a document for which one of several things is chosen, within a sentence. */
final readonly class Choice
{
    public string $id;

    /** @param  list<Option>  $options */
    public function __construct(public string $place, public string $label, public array $options)
    {
        $this->id = PlaceId::of($place);
    }

    /** Yes or no, each in words. */
    public static function yesNo(string $place, string $label, bool $value, string $yes, string $no): self
    {
        return new self($place, $label, [new Option('1', $yes, $value), new Option('0', $no, ! $value)]);
    }
}
