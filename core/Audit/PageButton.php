<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** A button on a page of others, or a link that may play one. */
final readonly class PageButton
{
    /** @param  bool  $isLink  whether it is a link by its element */
    public function __construct(public Selector $where, public string $label, public bool $isLink) {}
}
