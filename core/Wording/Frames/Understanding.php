<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Register\Language;
use Juramen\Wording\Words\Kept;
use Juramen\Wording\Words\Passage;

/** What frames understood of a text: each is asked when somebody wants to know, and once. */
final class Understanding
{
    /** Bytes of texts of which it is kept what was understood. */
    private const KEPT = 300_000;

    private const LONGEST_KEPT = 40_000;

    /** @var array<string, list<Sense>> by meaning, of the frames that were asked */
    private array $senses = [];

    private function __construct(public readonly Passage $passage) {}

    public static function of(string $text, Language $language): self
    {
        /** @var Kept<self>|null $kept */
        static $kept = null;
        $kept ??= new Kept(self::class, self::KEPT, self::LONGEST_KEPT);

        return $kept->find($language->value, $text) ?? $kept->keep($language->value, $text, self::read(Passage::of($text, $language)));
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
            $more = $this->senses[$meaning->value] ?? $this->ask($meaning);
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
        foreach ($meanings as $meaning) {
            if (($this->senses[$meaning->value] ?? $this->ask($meaning)) !== []) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Sense> what the frame of a meaning understood by it; its other meanings are known from then on */
    private function ask(Meaning $meaning): array
    {
        $frame = Frames::of($meaning);
        foreach ($frame->meanings() as $other) {
            $this->senses[$other->value] ??= [];
        }
        foreach ($frame->read($this->passage) as $sense) {
            $this->senses[$sense->meaning->value][] = $sense;
        }

        return $this->senses[$meaning->value];
    }
}
