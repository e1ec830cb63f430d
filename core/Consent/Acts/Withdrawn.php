<?php

declare(strict_types=1);

namespace Juramen\Consent\Acts;

use Juramen\Canon\Instant;
use Juramen\Consent\Act;
use Juramen\Consent\EntryKind;
use Juramen\Consent\How;
use Juramen\Consent\Members;
use Juramen\Consent\Target;

/** Somebody withdrew consent. */
final readonly class Withdrawn extends Act
{
    /**
     * @param  non-empty-list<Target>  $targets
     */
    public function __construct(Instant $occurred, How $how, public array $targets)
    {
        parent::__construct($occurred, $how);
    }

    public function kind(): EntryKind
    {
        return EntryKind::Withdrawn;
    }

    public function targets(): array
    {
        return $this->targets;
    }

    protected function members(): array
    {
        return ['targets' => array_map(static fn (Target $t): array => $t->toArray(), $this->targets)];
    }

    protected static function of(Members $members, Instant $occurred, How $how): self
    {
        return new self($occurred, $how, $members->targets('targets'));
    }
}
