<?php

declare(strict_types=1);

namespace App\Actions\Ledger;

/** A row of the ledger as it is stored, with nothing assumed of what it says: an entry, its leaf in the tree, or both. */
final readonly class StoredEntry
{
    /**
     * @param  string|null  $body  null where a leaf is left whose entry is gone
     * @param  string|null  $leafHash  the hash stored with the leaf
     */
    private function __construct(
        public ?string $id,
        public ?string $subject,
        public int $sequence,
        public ?string $kind,
        public ?string $recorded,
        public ?string $body,
        public ?int $leaf,
        public ?string $leafHash,
    ) {}

    public static function from(object $row): self
    {
        $values = (array) $row;
        $text = static fn (string $name): ?string => is_string($values[$name] ?? null) ? $values[$name] : null;
        $number = static fn (string $name): ?int => is_numeric($values[$name] ?? null) ? (int) $values[$name] : null;

        return new self(
            $text('id'), $text('subject'), $number('sequence') ?? 0, $text('kind'), $text('recorded'), $text('body'), $number('leaf'), $text('hash')
        );
    }

    public function idInHex(): ?string
    {
        return $this->id === null ? null : bin2hex($this->id);
    }

    /** The subject it is stored under, as faults say it. */
    public function about(): string
    {
        return 'subject '.bin2hex((string) $this->subject);
    }
}
