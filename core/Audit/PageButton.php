<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** A button, or a link that plays one, on a page of others. */
final readonly class PageButton
{
    public function __construct(public Selector $where, public string $label) {}
}
