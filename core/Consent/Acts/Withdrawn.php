<?php

declare(strict_types=1);

namespace Juramen\Consent\Acts;

use Juramen\Canon\Digest;
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
     * @param  string|null  $by  who recorded it, where somebody of the house did
     * @param  list<Digest>  $personal  of the disclosure that says what file is kept with it, where one is
     */
    public function __construct(Instant $occurred, How $how, public array $targets, public ?string $by = null, private array $personal = [])
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

    public function personal(): array
    {
        return $this->personal;
    }

    protected function members(): array
    {
        return [
            'targets' => array_map(static fn (Target $t): array => $t->toArray(), $this->targets),
            'details' => $this->by === null ? [] : ['by' => $this->by], '_sd' => self::sorted($this->personal),
        ];
    }

    protected static function of(Members $members, Instant $occurred, How $how): self
    {
        return new self(
            $occurred, $how, $members->targets('targets'), $members->withinOrNone('details')?->text('by'), $members->digests('_sd')
        );
    }
}
