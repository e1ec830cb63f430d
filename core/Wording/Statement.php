<?php

declare(strict_types=1);

namespace Juramen\Wording;

use Juramen\Canon\CanonicalJson;
use Juramen\Canon\Digest;
use Juramen\Register\Channel;
use Juramen\Register\InvalidRegister;
use Juramen\Register\Texts;

/** One piece of consent wording: one purpose, one or more channels, in one or more languages. */
final readonly class Statement
{
    /**
     * @param  string  $id  a short name, such as "voyage-news"
     * @param  string  $purpose  id of the purpose it asks for
     * @param  non-empty-list<Channel>  $channels
     * @param  Texts  $texts  plain text; the visitor reads exactly this
     */
    public function __construct(public string $id, public string $purpose, public array $channels, public Texts $texts) {}

    /**
     * @param  array<string, mixed>  $data  as toArray() gives it
     *
     * @throws InvalidRegister
     */
    public static function from(array $data): self
    {
        $channels = [];
        foreach (is_array($data['channels'] ?? null) ? $data['channels'] : [] as $channel) {
            $channels[] = Channel::tryFrom(is_string($channel) ? $channel : '') ?? throw new InvalidRegister('A statement names a channel we do not know.');
        }
        if (! is_string($data['id'] ?? null) || ! is_string($data['purpose'] ?? null) || $channels === []) {
            throw new InvalidRegister('A statement has an id, one purpose and at least one channel.');
        }

        return new self($data['id'], $data['purpose'], $channels, Texts::draft($data['texts'] ?? null, "statement {$data['id']}"));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'purpose' => $this->purpose,
            'channels' => array_map(static fn (Channel $c): string => $c->value, $this->channels),
            'texts' => $this->texts->toArray(),
        ];
    }

    /** The name of exactly these words: what a consent entry refers to. */
    public function edition(): Digest
    {
        return Digest::of(CanonicalJson::encode($this->toArray()));
    }
}
