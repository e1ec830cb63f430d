<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Canon\Place;

/** One thing in which a form is another than it was, or than it should be. */
final readonly class FormChange
{
    /**
     * @param  string  $says  in a sentence
     * @param  Place|Selector|null  $where  in the newer reading; null where it is gone there
     * @param  string  $before  its words there; empty where it was not
     * @param  string  $after  its words now; empty where it is gone
     */
    public function __construct(public ChangeKind $kind, public string $says, public Place|Selector|null $where, public string $before, public string $after) {}
}
