<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\Document;

/** A field of a destination, as it said itself. */
final readonly class FieldThere
{
    /**
     * @param  string  $order  of a day: how it is written there, such as "dd/mm/yyyy"; empty for year first, as we write it
     * @param  bool  $required  whether nobody is taken without it
     */
    private function __construct(public string $name, public string $title, public ValueType $type, public string $order, public bool $required) {}

    public static function from(Document $item): self
    {
        $order = mb_strtolower($item->text('order'));

        return new self(
            $item->text('id'), $item->text('title') ?: $item->text('id'), ValueType::tryFrom($item->text('type')) ?? ValueType::Text,
            $order === 'yyyy-mm-dd' ? '' : $order, $item->flag('required') === true
        );
    }

    public function document(): Document
    {
        return Document::from([
            'id' => $this->name, 'title' => $this->title, 'type' => $this->type->value, 'order' => $this->order, 'required' => $this->required,
        ]);
    }
}
