<?php

declare(strict_types=1);

namespace Juramen\Consent;

use InvalidArgumentException;
use Juramen\Canon\CanonicalJson;
use Juramen\Canon\Digest;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;

/**
 * One entry of the ledger: an act with its place in its subject's chain. A subject is a person as one controller
 * knows them, a signup point, or the ledger itself; each has a chain in which every entry names the digest of the
 * one before.
 */
final readonly class Entry
{
    /**
     * Formats that are read for ever, the newest last, which is written. In format 1 one press confirmed, and one lapse ended,
     * everything that was asked; from format 2 on each channel is confirmed through its own address.
     */
    private const FORMATS = [1, 2];

    private function __construct(
        public Id $id,
        public Id $subject,
        public int $sequence,
        public ?Digest $previous,
        public Instant $recorded,
        public Act $act,
        public string $bytes,
        public int $format,
    ) {}

    /**
     * The entry that records an act next in its subject's chain.
     *
     * @param  self|null  $last  the chain's newest entry, null where there is none
     * @param  Instant  $now  when it is written; never earlier than the entry before, whatever the machine's clock says
     */
    public static function next(?self $last, Id $subject, Act $act, Instant $now, ?Id $id = null): self
    {
        $id ??= Id::random();
        $sequence = ($last->sequence ?? 0) + 1;
        $recorded = $last === null ? $now : Instant::later($now, $last->recorded);
        $bytes = CanonicalJson::encode([
            ...$act->document()->toArray(),
            'format' => self::newestFormat(),
            'id' => $id->hex(),
            'subject' => $subject->hex(),
            'sequence' => $sequence,
            'previous' => $last?->digest()->hex(),
            'recorded' => $recorded->text(),
        ]);

        return new self($id, $subject, $sequence, $last?->digest(), $recorded, $act, $bytes, self::newestFormat());
    }

    /** @throws InvalidArgumentException where the bytes are not an entry in canonical form */
    public static function parse(string $bytes): self
    {
        $data = CanonicalJson::decode($bytes);
        $format = $data['format'] ?? null;
        if (! in_array($format, self::FORMATS, true)) {
            throw new InvalidArgumentException('These bytes are not an entry of a format we know; those are '.implode(', ', self::FORMATS).'.');
        }
        $members = Members::from(array_diff_key($data, ['format' => true]), $format);

        return new self(
            $members->id('id'), $members->id('subject'), $members->number('sequence'), $members->digestOrNull('previous'), $members->instant('recorded'),
            Act::read($members), $bytes, $format,
        );
    }

    private static function newestFormat(): int
    {
        return self::FORMATS[count(self::FORMATS) - 1];
    }

    public function digest(): Digest
    {
        return Digest::of($this->bytes);
    }

    /** Whether this entry stands directly behind the other in one chain. */
    public function follows(?self $before): bool
    {
        if ($before === null) {
            return $this->sequence === 1 && $this->previous === null;
        }

        return $this->subject->equals($before->subject)
            && $this->sequence === $before->sequence + 1
            && $this->previous?->equals($before->digest()) === true
            && ! $before->recorded->isAfter($this->recorded);
    }
}
