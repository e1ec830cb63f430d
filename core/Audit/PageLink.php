<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Canon\Place;
use Juramen\Register\PageAddress;

/** A link on or around a form. */
final readonly class PageLink
{
    public function __construct(public Place|Selector $where, public string $text, public string $href) {}

    /** Whether it leads anywhere: not empty, "#", a script, or a placeholder that somebody forgot. */
    public function leadsSomewhere(): bool
    {
        return PageAddress::leadsSomewhere($this->href);
    }
}
