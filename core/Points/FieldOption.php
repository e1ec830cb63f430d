<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\Document;
use Juramen\Canon\Slug;
use Juramen\Register\Language;
use Juramen\Register\Texts;

/** One of the answers that a field offers. */
final readonly class FieldOption
{
    /** @param  Slug  $id  within its field; also what a browser sends */
    public function __construct(public Slug $id, public Texts $label) {}

    /** @param  Document  $item  one of a field's "options" */
    public static function from(Document $item): self
    {
        return new self(Slug::parse($item->text('id')), Texts::from($item->at('label')));
    }

    /**
     * @param  list<self>  $options
     * @return list<Offered>
     */
    public static function offered(array $options, Language $language): array
    {
        return array_map(static fn (self $o): Offered => new Offered($o->id->text, $o->label->orNothing($language)), $options);
    }

    public function document(): Document
    {
        return Document::from(['id' => $this->id->text, 'label' => $this->label->toArray()]);
    }
}
