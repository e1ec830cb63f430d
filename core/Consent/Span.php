<?php

declare(strict_types=1);

namespace Juramen\Consent;

use Juramen\Canon\Instant;

/** A stretch of time in which one permission stood in one way. */
final readonly class Span
{
    /**
     * @param  Instant|null  $to  null where it still lasts
     * @param  Reason|null  $end  how it ended; null where it still lasts
     */
    public function __construct(public Reason $reason, public Instant $from, public ?Instant $to, public ?Reason $end) {}
}
