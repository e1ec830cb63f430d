<?php

declare(strict_types=1);

namespace App\Pages\Controls;

/** One of several things to choose from. */
final readonly class Option
{
    public function __construct(public string $value, public string $text, public bool $chosen = false) {}

    /**
     * @param  iterable<array-key, string>  $texts  value to what it says
     * @param  list<string>  $chosen
     * @return list<self>
     */
    public static function all(iterable $texts, array $chosen): array
    {
        $options = [];
        foreach ($texts as $value => $text) {
            $options[] = new self((string) $value, $text, in_array((string) $value, $chosen, true));
        }

        return $options;
    }
}
