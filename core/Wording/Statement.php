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
     * @param  Texts  $texts  limited markup (see Markup), in the register with placeholders, on a sheet without
     * @param  Digest|null  $template  of the approved edition whose placeholders were filled to make it; null in the register
     */
    public function __construct(public string $id, public string $purpose, public array $channels, public Texts $texts, private ?Digest $template = null) {}

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

        if (preg_match('/^[a-z0-9]+(-[a-z0-9]+)*$/D', $data['id']) !== 1 || mb_strlen($data['id']) > 60) {
            throw new InvalidRegister("\"{$data['id']}\" cannot be a statement's short name: use at most 60 lower-case letters, digits and hyphens.");
        }

        return new self($data['id'], $data['purpose'], $channels, Texts::draft($data['texts'] ?? null, "statement {$data['id']}"), is_string($data['edition'] ?? null) ? Digest::fromHex($data['edition']) : null);
    }

    public function withTexts(Texts $texts): self
    {
        return new self($this->id, $this->purpose, $this->channels, $texts, $this->template);
    }

    /** As it stands on a sheet: made of that approved edition. */
    public function madeOf(Digest $edition): self
    {
        return new self($this->id, $this->purpose, $this->channels, $this->texts, $edition);
    }

    /** Whether these words come from an approved edition. */
    public function isApproved(): bool
    {
        return $this->template !== null;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'purpose' => $this->purpose,
            'channels' => array_map(static fn (Channel $c): string => $c->value, $this->channels),
            'texts' => $this->texts->toArray(),
            ...($this->template === null ? [] : ['edition' => $this->template->hex()]),
        ];
    }

    /** The name of the edition of these words: what a consent entry refers to. */
    public function edition(): Digest
    {
        return $this->template ?? Digest::of(CanonicalJson::encode($this->toArray()));
    }
}
