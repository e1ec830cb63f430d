<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** Words of a form that hardly stand out from their ground, or are smaller than the others. */
final readonly class FineWords
{
    /**
     * @param  Selector  $where  of the box that they stand at, or of the words themselves
     * @param  bool  $faint  that they hardly stand out; they are small otherwise
     * @param  bool  $atBox  whether they stand at a box or a choice
     */
    public function __construct(public Selector $where, public string $words, public bool $faint, public bool $atBox) {}
}
