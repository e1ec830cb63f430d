<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\Document;
use Juramen\Canon\Instant;
use Juramen\Register\FrozenFile;
use Juramen\Register\Language;
use Juramen\Register\Texts;

/** What people get for agreeing, or for asking: a file behind a link that ends, or something that is handed over on the spot. */
final readonly class Gift
{
    /** Days for which a link works where nobody says otherwise. */
    public const DAYS = 30;

    /**
     * @param  Texts  $name  what people know it as
     * @param  int  $days  for which its link works
     * @param  bool  $spot  whether somebody hands it over where the form stands, as at a kiosk; then there is no link
     */
    private function __construct(public Texts $name, public ?FrozenFile $file, public int $days, public bool $spot) {}

    /** @param  Document  $part  of a sheet; null where it gives nothing */
    public static function from(Document $part): ?self
    {
        return $part->members() === [] ? null : new self(
            Texts::from($part->at('name')), FrozenFile::find($part->text('file')), $part->number('days') ?? self::DAYS, $part->flag('spot') === true
        );
    }

    /** Whether there is something behind its link. */
    public function hasLink(): bool
    {
        return $this->file !== null && ! $this->spot;
    }

    /** Until when a link works that was given at a moment. */
    public function until(Instant $given): Instant
    {
        return $given->plusDays($this->days);
    }

    /** Whether words say that it is given for what they ask: they name it. */
    public function isNamedIn(string $words, Language $language): bool
    {
        $name = trim($this->name->orNothing($language));

        return $name !== '' && mb_stripos($words, $name) !== false;
    }

    public function document(): Document
    {
        return Document::from([
            'name' => $this->name->toArray(), 'days' => $this->days, ...$this->file === null ? [] : ['file' => $this->file->text()],
            ...$this->spot ? ['spot' => true] : [],
        ]);
    }
}
