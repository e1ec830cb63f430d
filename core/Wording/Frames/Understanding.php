<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Register\Language;
use Juramen\Wording\Words\Passage;

/** What all frames understood of a text. */
final readonly class Understanding
{
    /** @param  array<string, list<Sense>>  $senses  by meaning */
    private function __construct(public Passage $passage, private array $senses) {}

    public static function of(string $text, Language $language): self
    {
        $passage = Passage::of($text, $language);

        return $passage->once('understood', static fn (): self => self::read($passage));
    }

    public static function read(Passage $passage): self
    {
        $senses = [];
        foreach (Frames::all() as $frame) {
            foreach ($frame->read($passage) as $sense) {
                $senses[$sense->meaning->value][] = $sense;
            }
        }

        return new self($passage, $senses);
    }

    /** @return list<Sense> */
    public function all(Meaning ...$meanings): array
    {
        return array_merge(...array_map(fn (Meaning $m): array => $this->senses[$m->value] ?? [], $meanings));
    }

    public function first(Meaning ...$meanings): ?Sense
    {
        return $this->all(...$meanings)[0] ?? null;
    }

    public function has(Meaning ...$meanings): bool
    {
        return $this->first(...$meanings) !== null;
    }
}
