<?php

declare(strict_types=1);

namespace Juramen\Points;

/** Writes bytes and remembers where the slots are. */
final class SlottedText
{
    private string $text = '';

    /** @var list<Slot> */
    private array $slots = [];

    public function write(string $text): self
    {
        $this->text .= $text;

        return $this;
    }

    public function slot(string $name): self
    {
        $this->slots[] = new Slot($name, strlen($this->text));

        return $this;
    }

    public function freeze(): FrozenForm
    {
        return new FrozenForm($this->text, $this->slots);
    }
}
