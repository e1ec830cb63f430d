<?php

declare(strict_types=1);

namespace Juramen\Canon;

/** A refusal with its facts. */
final readonly class Ground
{
    /** Characters of what somebody gave that a sentence repeats. */
    private const REPEATED = 120;

    /** @var array<string, string> fact to what stands for it */
    private array $facts;

    public function __construct(public Refusal $refusal, string|int|Slug|Day ...$facts)
    {
        $texts = [];
        foreach ($facts as $name => $fact) {
            $texts[':'.$name] = $name === 'given' ? self::repeated((string) $fact) : (string) $fact;
        }
        $this->facts = $texts;
    }

    /** What somebody gave, as it fits into a sentence: one line, and not all of a book. */
    private static function repeated(string $given): string
    {
        $line = (string) preg_replace('/[\x00-\x1f\x7f]+/', ' ', mb_scrub($given, 'UTF-8'));

        return mb_strlen($line) > self::REPEATED ? mb_substr($line, 0, self::REPEATED).'…' : $line;
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
