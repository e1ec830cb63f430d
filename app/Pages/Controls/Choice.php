<?php

declare(strict_types=1);

namespace App\Pages\Controls;

/** A place of a document for which one of several things is chosen, within a sentence. */
final readonly class Choice
{
    public string $id;

    /**
     * @param  list<Option>  $options
     * @param  string  $does  what choosing does: "set", or "add" to a list
     */
    public function __construct(public string $place, public string $label, public array $options, public string $does = 'set')
    {
        $this->id = PlaceId::of($place).($does === 'set' ? '' : "-$does");
    }

    /** Yes or no, each in words. */
    public static function yesNo(string $place, string $label, bool $value, string $yes, string $no): self
    {
        return new self($place, $label, [new Option('1', $yes, $value), new Option('0', $no, ! $value)]);
    }

    /** @return string what goes with the request, as JSON */
    public function values(): string
    {
        return (string) json_encode(['place' => $this->place] + ($this->does === 'set' ? [] : ['do' => $this->does]));
    }
}
