<?php

declare(strict_types=1);

namespace Juramen\Register;

/** Two colours that meet on a form, and whether one stands out from the other as it must. */
final readonly class LookPair
{
    /**
     * @param  string  $what  "text on the form"
     * @param  string|null  $chosenAs  which of the look's colours could be another; null where it follows from others
     * @param  bool  $isGround  whether the ground is what could be another, and not what stands before it
     * @param  bool  $isOpen  whether the ground is that of a page that we do not know, and the colour given here only stands for it
     * @param  float  $needed  WCAG 2.2, 1.4.3: 4.5 for text; 1.4.11: 3 for edges
     */
    public function __construct(
        public string $what, public ?string $chosenAs, public Colour $front, public Colour $ground, public float $needed, public bool $isGround = false,
        public bool $isOpen = false
    ) {}

    public function has(): float
    {
        return $this->front->contrast($this->ground);
    }

    public function isEnough(): bool
    {
        return $this->has() >= $this->needed;
    }

    /** The nearest colour that is enough. */
    public function nearest(): Colour
    {
        return $this->isGround ? $this->ground->passing($this->front, $this->needed) : $this->front->passing($this->ground, $this->needed);
    }
}
