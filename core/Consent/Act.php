<?php

declare(strict_types=1);

namespace Juramen\Consent;

use InvalidArgumentException;
use Juramen\Canon\Digest;
use Juramen\Canon\Document;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;

/**
 * Something that happened to somebody's consent, or that an officer did: an entry before it has its place in the chain. One class a
 * kind, in Acts, each of which says what it needs and reads nothing else; most have little in common.
 */
abstract readonly class Act
{
    public function __construct(public Instant $occurred, public How $how) {}

    abstract public function kind(): EntryKind;

    /** @return array<string, mixed> what it says besides kind, time and means; what is null or an empty list is left out */
    abstract protected function members(): array;

    /** @throws InvalidArgumentException where a member is missing, is of the wrong sort, or is not a member of this kind */
    abstract protected static function of(Members $members, Instant $occurred, How $how): self;

    /** @throws InvalidArgumentException where it is of no kind we know, or is not all that its kind needs */
    final public static function read(Members $members): self
    {
        $kind = EntryKind::tryFrom($members->text('kind')) ?? throw new InvalidArgumentException('The entry is of no kind we know.');
        $how = How::tryFrom($members->text('how')) ?? throw new InvalidArgumentException('The entry does not say how it came about.');
        $act = $kind->act()::of($members, $members->instant('occurred'), $how);
        $members->end();

        return $act->how === $how ? $act : throw new InvalidArgumentException('This does not come about by that.');
    }

    /** Its members in an entry. */
    final public function document(): Document
    {
        $members = ['kind' => $this->kind()->value, 'occurred' => $this->occurred->text(), 'how' => $this->how->value, ...$this->members()];

        return Document::from(array_filter($members, static fn (mixed $member): bool => $member !== null && $member !== []));
    }

    /** The path from asking to consent to which it belongs. */
    public function journey(): ?Id
    {
        return null;
    }

    /** The point that it is about. */
    public function point(): ?string
    {
        return null;
    }

    /** The edition that it is about. */
    public function edition(): ?Digest
    {
        return null;
    }

    /** @return list<Target> what it gives or ends */
    public function targets(): array
    {
        return [];
    }

    /** @return list<Answer> */
    public function answers(): array
    {
        return [];
    }

    /** @return list<Digest> of the disclosures that hold its personal values */
    public function personal(): array
    {
        return [];
    }

    /** @return list<Digest> of the disclosures that were deleted with it */
    public function gone(): array
    {
        return [];
    }

    /**
     * @param  list<Digest>  $digests
     * @return list<string> in an order that tells nothing
     */
    final protected static function sorted(array $digests): array
    {
        $texts = array_map(static fn (Digest $d): string => $d->base64Url(), $digests);
        sort($texts);

        return $texts;
    }
}
