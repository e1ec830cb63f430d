<?php

declare(strict_types=1);

namespace Juramen\Canon;

/** A refusal with its facts. */
final readonly class Ground
{
    /** @var array<string, string> fact to what stands for it */
    private array $facts;

    public function __construct(public Refusal $refusal, string|int|Slug|Day ...$facts)
    {
        $texts = [];
        foreach ($facts as $name => $fact) {
            $texts[':'.$name] = (string) $fact;
        }
        $this->facts = $texts;
    }

    public function fact(string $name): ?string
    {
        return $this->facts[':'.$name] ?? null;
    }

    /** In a sentence or two. */
    public function says(): string
    {
        $says = strtr($this->refusal->words(), $this->facts);

        return mb_strtoupper(mb_substr($says, 0, 1)).mb_substr($says, 1);
    }
}
