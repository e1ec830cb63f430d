<?php

declare(strict_types=1);

namespace Juramen\Screening\Text;

/** A text that somebody has called ham or spam, taken apart. */
final readonly class LabelledText
{
    /** @param  list<string>  $tokens  see Tokens */
    public function __construct(public array $tokens, public bool $spam) {}

    public static function of(string $text, bool $spam): self
    {
        return new self(Tokens::of($text), $spam);
    }
}
