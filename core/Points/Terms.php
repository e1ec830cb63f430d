<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\Document;
use Juramen\Register\Language;
use Juramen\Register\PageAddress;
use Juramen\Register\Texts;

/** The document that a form's terms control speaks of, and its edition. */
final readonly class Terms
{
    /**
     * @param  Texts  $name  such as "Terms of carriage"
     * @param  string  $edition  as its author names it: "2026-05"
     * @param  Texts  $link  where it is read, by language
     */
    private function __construct(public Texts $name, public string $edition, public Texts $link) {}

    /** @param  Document  $terms  of a field */
    public static function from(Document $terms): self
    {
        return new self(Texts::from($terms->at('name')), trim($terms->text('edition')), Texts::from($terms->at('link')));
    }

    /** @param  callable(Texts): Texts  $change */
    public function withTexts(callable $change): self
    {
        return new self($change($this->name), $this->edition, $this->link);
    }

    /** Whether nothing of it is written. */
    public function isEmpty(): bool
    {
        return $this->edition === '' && $this->name->languages() === [] && $this->link->languages() === [];
    }

    /** Name and edition, as whoever accepts it reads and as the entry keeps it. */
    public function named(Language $language): string
    {
        return $this->name->orNothing($language).($this->edition === '' ? '' : " ({$this->edition})");
    }

    public function leadsSomewhere(Language $language): bool
    {
        return PageAddress::isWhole($this->link->orNothing($language));
    }

    public function document(): Document
    {
        return Document::from(['name' => $this->name->toArray(), 'edition' => $this->edition, 'link' => $this->link->toArray()]);
    }
}
