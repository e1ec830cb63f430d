<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\ById;
use Juramen\Canon\Document;

/** What a destination said of itself when its fields were fetched. */
final readonly class ServiceThere
{
    /**
     * @param  ById<FieldThere>  $fields
     * @param  ById<GroupThere>  $groups
     * @param  bool  $asksItself  whether it has addresses confirmed once more
     * @param  bool  $takesConfirmed  whether it takes one that we hand over as confirmed without asking again
     */
    private function __construct(public ById $fields, public ById $groups, public bool $asksItself, public bool $takesConfirmed) {}

    /** @param  Document  $document  whatever another program says of itself: what is not understood is left out */
    public static function from(Document $document): self
    {
        $named = static fn (Document $d): bool => $d->text('id') !== '';

        return new self(
            ById::of(array_map(FieldThere::from(...), array_filter($document->items('fields'), $named)), static fn (FieldThere $f): string => $f->name),
            ById::of(array_map(
                static fn (Document $g): GroupThere => new GroupThere($g->text('id'), $g->text('title') ?: $g->text('id')),
                array_filter($document->items('groups'), $named)
            ), static fn (GroupThere $g): string => $g->id),
            $document->flag('asks-itself') === true, $document->flag('takes-confirmed') === true,
        );
    }

    /** Whether people who confirmed to us are asked once more by it. */
    public function asksTwice(): bool
    {
        return $this->asksItself && ! $this->takesConfirmed;
    }

    public function document(): Document
    {
        return Document::from([
            'fields' => array_map(static fn (FieldThere $f): array => $f->document()->toArray(), $this->fields->all()),
            'groups' => array_map(static fn (GroupThere $g): array => ['id' => $g->id, 'title' => $g->title], $this->groups->all()),
            'asks-itself' => $this->asksItself, 'takes-confirmed' => $this->takesConfirmed,
        ]);
    }
}
