<?php

declare(strict_types=1);

namespace Juramen\Consent\Acts;

use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Consent\Act;
use Juramen\Consent\How;
use Juramen\Consent\Members;
use Juramen\Consent\Target;

/** What a suspension, or its lifting, does to one person. */
abstract readonly class PartOfSuspension extends Act
{
    /**
     * @param  non-empty-list<Target>  $targets
     * @param  Id  $suspension  which it is part of
     */
    final public function __construct(Instant $occurred, public array $targets, public Id $suspension, public string $by)
    {
        parent::__construct($occurred, How::Officer);
    }

    public function targets(): array
    {
        return $this->targets;
    }

    protected function members(): array
    {
        return [
            'targets' => array_map(static fn (Target $t): array => $t->toArray(), $this->targets),
            'details' => ['suspension' => $this->suspension->hex(), 'by' => $this->by],
        ];
    }

    protected static function of(Members $members, Instant $occurred, How $how): static
    {
        $details = $members->within('details');

        return new static($occurred, $members->targets('targets'), $details->id('suspension'), $details->text('by'));
    }
}
