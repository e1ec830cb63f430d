<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\ProofFile;
use Juramen\Canon\Instant;
use Juramen\Consent\Entry;
use Juramen\Consent\How;
use Juramen\Consent\Permission;

/** That somebody withdrew, as it was told: by what means, when at the latest, and who took it. */
final readonly class ToldWithdrawal
{
    /**
     * @param  Instant  $at  the last moment at which it can have reached the house
     * @param  string  $by  who recorded it, as entries name them
     * @param  ProofFile|null  $file  with which it was told
     */
    public function __construct(public How $how, public Instant $at, public string $by, public ?ProofFile $file = null) {}

    /** Whether it speaks of a consent: not of one that was given after it came. */
    public function reaches(Permission $permission): bool
    {
        $given = [...$permission->entries, ...$permission->pending->all()];

        return array_filter($given, fn (Entry $e): bool => $e->recorded->isAfter($this->at)) === [];
    }
}
