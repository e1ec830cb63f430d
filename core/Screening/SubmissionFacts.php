<?php

declare(strict_types=1);

namespace Juramen\Screening;

/** What is known of a submission: counted and measured, never a personal value. What is not known speaks neither way. */
final readonly class SubmissionFacts
{
    /**
     * @param  bool  $trapTouched  whether the trap field came back with anything in it
     * @param  int|null  $seconds  between serving and sending; null where we did not serve the form
     * @param  int  $forMailbox  sign-ups with the same mailbox within 24 hours before this one
     * @param  bool  $throwAway  whether its address is one to throw away
     * @param  bool|null  $receives  whether its domain takes mail; null where nobody knows
     * @param  float  $randomAddress  how likely the part before the @ was struck at random, 0 to 1
     * @param  float  $randomName  the same of its names
     * @param  bool  $linkInName  whether a name holds a link or markup
     * @param  float  $spamText  how far beyond the line what was written reads like spam, 0 to 1
     * @param  int  $links  in what was written
     * @param  bool  $allOptional  whether every field that may be left empty is filled in, of at least three
     * @param  int  $impossible  headers such as no browser sends
     */
    public function __construct(
        public bool $trapTouched, public ?int $seconds, public int $forMailbox = 0, public bool $throwAway = false, public ?bool $receives = null,
        public float $randomAddress = 0.0, public float $randomName = 0.0, public bool $linkInName = false, public float $spamText = 0.0,
        public int $links = 0, public bool $allOptional = false,
        public Puzzled $puzzle = Puzzled::Not, public Nearby $near = new Nearby, public Mark $mark = Mark::Ours, public int $impossible = 0,
    ) {}

    /** The same with what only the transaction can count. */
    public function counted(int $forMailbox, ?Nearby $near = null): self
    {
        return $this->with(forMailbox: $forMailbox, near: $near ?? $this->near);
    }

    public function puzzled(Puzzled $puzzle): self
    {
        return $this->with(puzzle: $puzzle);
    }

    /** The same with how it came. @param  int  $impossible  headers such as no browser sends */
    public function came(Mark $mark, int $impossible): self
    {
        return $this->with(mark: $mark, impossible: $impossible);
    }

    private function with(?int $forMailbox = null, ?Nearby $near = null, ?Puzzled $puzzle = null, ?Mark $mark = null, ?int $impossible = null): self
    {
        return new self(
            $this->trapTouched, $this->seconds, $forMailbox ?? $this->forMailbox, $this->throwAway, $this->receives, $this->randomAddress,
            $this->randomName, $this->linkInName, $this->spamText, $this->links, $this->allOptional, $puzzle ?? $this->puzzle, $near ?? $this->near,
            $mark ?? $this->mark, $impossible ?? $this->impossible
        );
    }
}
