<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Canon\Place;

/** A link on or around a form. */
final readonly class PageLink
{
    private const PLACEHOLDER =
        '~^(?:javascript:|about:|https?:/*$)|[\[\]{}<>]|to-?do|x{3,}|your-?(?:site|domain|link|url|privacy)|link-?here|insert|platzhalter|placeholder~i';

    public function __construct(public Place|Selector $where, public string $text, public string $href) {}

    /** Whether it leads anywhere: not empty, "#", a script, or a placeholder that somebody forgot. */
    public function leadsSomewhere(): bool
    {
        $href = trim($this->href);

        return $href !== '' && ! str_starts_with($href, '#') && preg_match(self::PLACEHOLDER, $href) !== 1;
    }
}
