<?php

declare(strict_types=1);

namespace Juramen\Audit;

use ArrayObject;

/** The links of a page, shared by all its forms; which of them are about something is told once. */
final readonly class Links
{
    /**
     * @param  list<PageLink>  $all
     * @param  ArrayObject<string, list<PageLink>>  $told
     */
    public function __construct(public array $all = [], private ArrayObject $told = new ArrayObject) {}

    /**
     * @param  string  $what  a name for what is asked, the language included
     * @param  callable(PageLink): bool  $is  the answer for one
     * @return list<PageLink>
     */
    public function about(string $what, callable $is): array
    {
        return $this->told[$what] ??= array_values(array_filter($this->all, $is));
    }
}
