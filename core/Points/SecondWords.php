<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\Document;
use Juramen\Canon\Place;
use Juramen\Register\Language;
use Juramen\Register\Texts;

/** Other words for a form's title, the line under it and its button, of which half of those who open it are shown. Empty ones are as in the first. */
final readonly class SecondWords
{
    public const PLACE = 'second';

    /** The parts that can have other words, by their places. */
    public const PARTS = ['title', 'purpose-line', 'button'];

    private function __construct(private Document $written) {}

    public static function from(Document $part): self
    {
        return new self(Document::from(array_filter(array_combine(
            self::PARTS, array_map(static fn (string $name): array => Texts::from($part->at($name))->toArray(), self::PARTS)
        ), static fn (array $texts): bool => $texts !== [])));
    }

    /** @param  string  $part  one of PARTS */
    public function of(string $part): Texts
    {
        return Texts::from($this->written->at($part));
    }

    public function isEmpty(): bool
    {
        return $this->written->members() === [];
    }

    /** The same in some languages alone. */
    public function only(Language ...$languages): self
    {
        return self::from(Document::from(array_combine(
            self::PARTS, array_map(fn (string $part): array => $this->of($part)->only(...$languages)->toArray(), self::PARTS)
        )));
    }

    /** A sheet's document with these words where the first ones stood. */
    public function put(Document $sheet): Document
    {
        foreach (self::PARTS as $part) {
            $sheet = $sheet->with(Place::of($part), [...Texts::from($sheet->at($part))->toArray(), ...$this->of($part)->toArray()]);
        }

        return $sheet;
    }

    public function document(): Document
    {
        return $this->written;
    }
}
