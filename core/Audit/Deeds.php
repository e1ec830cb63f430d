<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** How often each deed was done at a point. */
final readonly class Deeds
{
    /**
     * @param  array<string, int>  $counts  by the names of deeds
     * @param  list<string>  $oldCopies  where old copies still send, and when they last did
     */
    private function __construct(private array $counts, private array $oldCopies) {}

    public static function none(): self
    {
        return new self([], []);
    }

    /** @param  int  $times  0 or more, which are added */
    public function and(Deed $deed, int $times): self
    {
        return new self([...$this->counts, $deed->value => $this->count($deed) + $times], $this->oldCopies);
    }

    /** @param  string  $where  in a few words: 'edition 2 on “kiosk”, last on 5 May 2026' */
    public function andOldCopy(string $where, int $signups): self
    {
        return (new self($this->counts, [...$this->oldCopies, $where]))->and(Deed::SentByOldCopy, $signups);
    }

    /** How often it was done, 0 or more. */
    public function count(Deed $deed): int
    {
        return $this->counts[$deed->value] ?? 0;
    }

    /** Where old copies still send, in words; empty where none does. */
    public function oldCopies(): string
    {
        return implode('; ', $this->oldCopies);
    }
}
