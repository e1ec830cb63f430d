<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Models\Proposal;
use App\Models\User;
use App\Support\Moments;

/** That a sheet is handed over to the officers: by whom, when, with which words. */
final readonly class HandedOver
{
    /**
     * @param  bool  $changed  whether somebody changed the sheet since
     * @param  bool  $own  whether whoever looks handed it over
     */
    private function __construct(public string $by, public string $at, public string $comment, public bool $changed, public bool $own) {}

    public static function of(Proposal $proposal, int $newest, User $user): self
    {
        return new self(
            $proposal->submitter->name, Moments::exact($proposal->submitted_at), $proposal->comment, $proposal->revision !== $newest,
            $proposal->submitted_by === $user->id
        );
    }
}
