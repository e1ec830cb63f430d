<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

use App\Actions\Consent\PersonalValues;
use App\Models\Act;
use App\Models\User;
use App\Queries\Account\ListActs;
use App\Support\Moments;
use Juramen\Canon\Id;

/** Somebody whose evidence was looked at lately, to come back to. */
final readonly class LookedAt
{
    private function __construct(public string $link, public string $name, public string $at) {}

    /** @return list<self> by whoever asks, the newest first */
    public static function lately(User $user, ListActs $acts, PersonalValues $personal): array
    {
        $looks = $acts->looksOf($user);
        $addresses = $personal->addressesOf(array_map(static fn (Act $act): Id => Id::fromHex($act->about), $looks));

        return array_map(static fn (Act $act): self => new self(
            route('evidence.person', $act->about), $addresses->get($act->about)->value ?? 'somebody whose address stands in no list', Moments::exact($act->at)
        ), $looks);
    }
}
