<?php

declare(strict_types=1);

namespace Juramen\Consent;

use InvalidArgumentException;
use Juramen\Canon\Digest;

/** A person's yes, or chosen no, to one edition of one statement. */
final readonly class Answer
{
    public function __construct(public string $statement, public Digest $edition, public bool $yes = true) {}

    /** @return array{statement: string, edition: string, answer: string} */
    public function toArray(): array
    {
        return ['statement' => $this->statement, 'edition' => $this->edition->hex(), 'answer' => $this->yes ? 'yes' : 'no'];
    }

    public static function from(mixed $data): self
    {
        if (! is_array($data) || ! is_string($data['statement'] ?? null) || ! is_string($data['edition'] ?? null)
            || ! in_array($data['answer'] ?? null, ['yes', 'no'], true)) {
            throw new InvalidArgumentException('An answer names a statement, its edition and the answer.');
        }

        return new self($data['statement'], Digest::fromHex($data['edition']), $data['answer'] === 'yes');
    }
}
