<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Register\Language;
use Juramen\Wording\Words\Passage;

/** What frames understood of a text: each is asked when somebody wants to know, and once. */
final readonly class Understanding
{
    private function __construct(public Passage $passage) {}

    public static function of(string $text, Language $language): self
    {
        return self::read(Passage::of($text, $language));
    }

    public static function read(Passage $passage): self
    {
        return new self($passage);
    }

    /** @return list<Sense> */
    public function all(Meaning ...$meanings): array
    {
        $senses = [];
        foreach ($meanings as $meaning) {
            $more = $this->senses(Frames::of($meaning))[$meaning->value] ?? [];
            $senses = $senses === [] ? $more : array_merge($senses, $more);
        }

        return $senses;
    }

    public function first(Meaning ...$meanings): ?Sense
    {
        return $this->all(...$meanings)[0] ?? null;
    }

    public function has(Meaning ...$meanings): bool
    {
        return $this->first(...$meanings) !== null;
    }

    /** @return array<string, list<Sense>> what a frame understood, by meaning */
    private function senses(Frame $frame): array
    {
        return $this->passage->once($frame->id(), function () use ($frame): array {
            $by = [];
            foreach ($frame->read($this->passage) as $sense) {
                $by[$sense->meaning->value][] = $sense;
            }

            return $by;
        });
    }
}
