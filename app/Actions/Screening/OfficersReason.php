<?php

declare(strict_types=1);

namespace App\Actions\Screening;

use App\Actions\ActRefusal;
use App\Models\Role;
use App\Models\User;
use Juramen\Canon\Refused;

/** What tunes screening is changed by officers alone, each time with a reason. */
final class OfficersReason
{
    private const LEAST = 15;

    private const MOST = 500;

    /**
     * @param  ActRefusal  $without  what is said where it gives none
     * @return string the reason, trimmed
     *
     * @throws Refused where somebody else would change it, or no reason is given
     */
    public static function of(string $reason, User $by, ActRefusal $without): string
    {
        if ($by->role !== Role::Officer) {
            throw Refused::because(ActRefusal::OfficersDrawLines);
        }
        $reason = trim($reason);

        return mb_strlen($reason) < self::LEAST || mb_strlen($reason) > self::MOST ? throw Refused::because($without) : $reason;
    }
}
