<?php

declare(strict_types=1);

namespace Juramen\Screening;

/** What is known of a submission besides what it says: counted and measured, never a personal value. */
final readonly class SubmissionFacts
{
    /**
     * @param  bool  $trapTouched  whether the trap field came back with anything in it
     * @param  int|null  $seconds  between serving and sending; null where we did not serve the form
     * @param  int  $forMailbox  sign-ups with the same mailbox within 24 hours before this one
     */
    public function __construct(public bool $trapTouched, public ?int $seconds, public int $forMailbox = 0) {}

    public function counted(int $forMailbox): self
    {
        return new self($this->trapTouched, $this->seconds, $forMailbox);
    }
}
