<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** Requirements that hang together, as an audit shows them. */
final readonly class RequirementGroup
{
    /** @param  list<Requirement>  $requirements */
    public function __construct(public string $title, public array $requirements) {}
}
