<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\Document;
use Juramen\Canon\Slug;
use Juramen\Register\Texts;

/** One thing a form asks for. */
final readonly class Field
{
    /**
     * @param  Slug  $id  of its own, so that a kind can appear twice; also the name under which a browser sends it
     * @param  string  $reason  why it is asked, for the officer; empty where nobody has said
     */
    private function __construct(public Slug $id, public FieldKind $kind, public Texts $label, public bool $required, public string $reason) {}

    /** @param  Document  $item  one of a sheet's "fields"; before fields had ids, their kind was theirs */
    public static function from(Document $item): self
    {
        $kind = $item->text('kind');

        return new self(
            Slug::parse($item->text('id') ?: $kind), FieldKinds::get($kind), Texts::from($item->at('label')), $item->flag('required') === true,
            trim($item->text('reason'))
        );
    }

    public static function new(Slug $id, FieldKind $kind, Texts $label, bool $required = false, string $reason = ''): self
    {
        return new self($id, $kind, $label, $required, $reason);
    }

    /** The name under which a browser sends it. */
    public function name(): string
    {
        return $this->id->text;
    }

    /** What was typed, as it is kept. */
    public function read(string $typed): string
    {
        $answer = $this->kind->read($typed);

        return $answer === '' && $this->required ? throw new AnswerRefused('field.missing') : $answer;
    }

    public function document(): Document
    {
        return Document::from(
            ['id' => $this->id->text, 'kind' => $this->kind->id(), 'label' => $this->label->toArray(), 'required' => $this->required, 'reason' => $this->reason]
        );
    }
}
