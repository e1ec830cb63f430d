<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

/** A stretch in which something waited or was permitted, as it stands on the drawing and in the table. */
final readonly class DrawnSpan
{
    /**
     * @param  string  $says  the stretch in words, and $label with what it is of
     * @param  bool  $withdrawn  whether a bar stands at its end
     * @param  float  $lapsed  width of what is drawn behind its end because it lapsed, or 0
     * @param  string  $to  as the table says it
     */
    public function __construct(
        public float $x,
        public float $width,
        public float $end,
        public string $class,
        public string $label,
        public string $says,
        public bool $withdrawn,
        public float $lapsed,
        public ?DrawnText $text,
        public string $of,
        public string $state,
        public string $from,
        public string $to,
        public string $ended,
    ) {}
}
