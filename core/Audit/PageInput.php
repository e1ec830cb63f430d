<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Points\FieldMeaning;

/** Something on a page of others that is filled in, as browsers and readers of screens find it. */
final readonly class PageInput
{
    /**
     * @param  string  $label  by whatever names it
     * @param  bool  $isLabelled  whether words stand at it that stay when something is typed
     * @param  bool  $marked  whether its words say that it must, or need not, be filled in
     * @param  list<string>  $tokens  of its autocomplete
     */
    public function __construct(
        public Selector $where, public string $label, public FieldMeaning $meaning, public bool $required, public bool $isLabelled, public bool $marked,
        public array $tokens
    ) {}
}
