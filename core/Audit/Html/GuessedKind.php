<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use Juramen\Points\FormKind;

/** What a form found in a page is for, and by what that was told, in a few words. */
final readonly class GuessedKind
{
    public function __construct(public FormKind $kind, public string $reason) {}
}
