<?php

declare(strict_types=1);

namespace App\Pages\Audit;

use Juramen\Audit\ChangeKind;
use Juramen\Audit\FormChange;
use Juramen\Wording\Difference;

/** In what a form is another than it was, or than it should be. */
final readonly class ChangeLine
{
    private function __construct(public string $says, public ?Difference $words, public string $before, public string $after, public bool $isGrave) {}

    public static function of(FormChange $change): self
    {
        return new self(
            $change->says, $change->kind === ChangeKind::WordsOther ? Difference::between($change->before, $change->after) : null, $change->before,
            $change->after === $change->before ? '' : $change->after, $change->kind->isGrave()
        );
    }
}
