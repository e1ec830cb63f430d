<?php

declare(strict_types=1);

namespace Juramen\Consent;

use InvalidArgumentException;
use Juramen\Canon\Digest;

/** A person's yes to one edition of one statement. */
final readonly class Answer
{
    public function __construct(public string $statement, public Digest $edition) {}

    /** @return array{statement: string, edition: string, answer: string} */
    public function toArray(): array
    {
        return ['statement' => $this->statement, 'edition' => $this->edition->hex(), 'answer' => 'yes'];
    }

    public static function from(mixed $data): self
    {
        if (! is_array($data) || ! is_string($data['statement'] ?? null) || ! is_string($data['edition'] ?? null) || ($data['answer'] ?? null) !== 'yes') {
            throw new InvalidArgumentException('An answer names a statement, its edition and the answer.');
        }

        return new self($data['statement'], Digest::fromHex($data['edition']));
    }
}
