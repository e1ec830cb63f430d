<?php

declare(strict_types=1);

namespace Juramen\Consent\Acts;

use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Consent\Act;
use Juramen\Consent\EntryKind;
use Juramen\Consent\How;
use Juramen\Consent\Members;
use Juramen\Consent\Target;

/** What a person agreed to is not used any more, since the form on which it was asked was at fault. The person may agree anew, or withdraw. */
final readonly class Suspended extends Act
{
    /**
     * @param  non-empty-list<Target>  $targets
     * @param  Id  $suspension  which suspension it is part of
     */
    public function __construct(Instant $occurred, public array $targets, public Id $suspension, public string $by)
    {
        parent::__construct($occurred, How::Officer);
    }

    public function kind(): EntryKind
    {
        return EntryKind::Suspended;
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

    protected static function of(Members $members, Instant $occurred, How $how): self
    {
        $details = $members->within('details');

        return new self($occurred, $members->targets('targets'), $details->id('suspension'), $details->text('by'));
    }
}
