<?php

declare(strict_types=1);

namespace Juramen\Consent;

use InvalidArgumentException;
use Juramen\Register\Channel;

/** What a permission is for: one purpose by one channel. */
final readonly class Target
{
    public function __construct(public string $purpose, public Channel $channel) {}

    /** "voyage-news by email"; unique among targets. */
    public function key(): string
    {
        return $this->purpose.' by '.$this->channel->value;
    }

    public function equals(self $other): bool
    {
        return $this->key() === $other->key();
    }

    /** @return array{purpose: string, channel: string} */
    public function toArray(): array
    {
        return ['purpose' => $this->purpose, 'channel' => $this->channel->value];
    }

    public static function from(mixed $data): self
    {
        $channel = is_array($data) && is_string($data['channel'] ?? null) ? Channel::tryFrom($data['channel']) : null;
        if ($channel === null || ! is_string($data['purpose'] ?? null)) {
            throw new InvalidArgumentException('A target names a purpose and a channel.');
        }

        return new self($data['purpose'], $channel);
    }
}
