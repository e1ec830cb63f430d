<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Canon\Place;
use Juramen\Register\PageAddress;

/** A link on or around a form, or a button that shows something. */
final readonly class PageLink
{
    /** @param  bool|null  $opens  whether what it shows stands on its page; null where it leads to another */
    public function __construct(public Place|Selector $where, public string $text, public string $href, public ?bool $opens = null) {}

    /** Whether it leads anywhere: not empty, "#", a script, or a placeholder that somebody forgot. */
    public function leadsSomewhere(): bool
    {
        return $this->opens === true || PageAddress::leadsSomewhere($this->href);
    }

    /** A button of which it is not known what it shows. */
    public function opensUnseen(): bool
    {
        return $this->opens === false && $this->href === '';
    }
}
