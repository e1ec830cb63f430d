<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Found;

/** What a frame understood of a text. */
final readonly class Sense
{
    /**
     * @param  Found  $words  that carry it
     * @param  string  $understood  it in the language of the office, so that an officer sees whether it was read rightly
     * @param  bool  $whole  whether the whole frame was met; half of one is a question
     * @param  string|null  $named  who or what is named with it, where that matters
     */
    public function __construct(
        public Meaning $meaning, public Found $words, public string $understood, public bool $whole = true, public ?string $named = null
    ) {}

    /** The same where its text stands so many characters further on. */
    public function further(int $characters): self
    {
        return new self($this->meaning, $this->words->further($characters), $this->understood, $this->whole, $this->named);
    }
}
