<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\Document;
use Juramen\Canon\Slug;
use Juramen\Register\Texts;

/** One of the pages into which a long form breaks. */
final readonly class FormPage
{
    private function __construct(public Slug $id, public Texts $title) {}

    /** @param  Document  $item  one of a sheet's "pages" */
    public static function from(Document $item): self
    {
        return new self(Slug::parse($item->text('id')), Texts::from($item->at('title')));
    }

    public function withTitle(Texts $title): self
    {
        return new self($this->id, $title);
    }

    public function document(): Document
    {
        return Document::from(['id' => $this->id->text, 'title' => $this->title->toArray()]);
    }
}
