<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

/**
 * What was told of texts, kept while there is room for it. When the room is filled, what nobody has asked for since it was last filled is let go.
 *
 * @template T of object
 */
final class Kept
{
    /** @var array<string, array<string, T>> by what it was told for, and by the text */
    private array $lately = [];

    /** @var array<string, array<string, T>> */
    private array $before = [];

    private int $bytes = 0;

    /**
     * @param  class-string<T>  $what  is told
     * @param  int  $room  for so many bytes of texts; twice as many are held at most
     * @param  int  $longest  bytes of a text that is kept
     */
    public function __construct(public readonly string $what, private readonly int $room, private readonly int $longest) {}

    /**
     * @param  string  $for  whom, such as a language
     * @return T|null
     */
    public function find(string $for, string $text): ?object
    {
        return $this->lately[$for][$text] ?? (isset($this->before[$for][$text]) ? $this->keep($for, $text, $this->before[$for][$text]) : null);
    }

    /**
     * @param  T  $told
     * @return T
     */
    public function keep(string $for, string $text, object $told): object
    {
        if (strlen($text) > $this->longest) {
            return $told;
        }
        if ($this->bytes > $this->room) {
            [$this->before, $this->lately, $this->bytes] = [$this->lately, [], 0];
        }
        $this->bytes += strlen($text);

        return $this->lately[$for][$text] = $told;
    }
}
