<?php

declare(strict_types=1);

namespace App\Queries\Account;

use App\Models\Delivery;
use App\Models\DeliveryKind;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Collection;
use Juramen\Canon\ById;

/** Everybody who works here, or worked here. */
final class ListColleagues
{
    /** @return list<User> */
    public function __invoke(): array
    {
        return array_values(User::query()->with('controllers')->orderBy('name')->get()->all());
    }

    /** @return ById<User> officers and editors who work here, by number: whoever can mend something */
    public function whoMends(): ById
    {
        return ById::of(
            User::query()->whereIn('role', [Role::Officer->value, Role::Editor->value])->whereNull('ended_at')->whereNotNull('password')
                ->orderBy('name')->get(),
            static fn (User $u): string => (string) $u->id
        );
    }

    /** @return Collection<int, Delivery> by account: the newest invitation of each */
    public function invitations(): Collection
    {
        return Delivery::query()->where('kind', DeliveryKind::Invitation)->whereNotNull('user_id')->orderBy('id')->get()->keyBy('user_id');
    }
}
