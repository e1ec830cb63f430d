<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** An input that nobody sees, sent with a form of others. */
final readonly class HiddenInput
{
    /** @param  bool  $isTwin  whether a box of the same name stands on the form, of which it says that it is empty */
    public function __construct(public Selector $where, public string $name, public string $value, public bool $isTwin) {}
}
