<?php

declare(strict_types=1);

namespace App\Queries\Account;

use App\Models\Delivery;
use App\Models\DeliveryKind;
use App\Models\User;
use Illuminate\Support\Collection;

/** Everybody who works here, or worked here. */
final class ListColleagues
{
    /** @return list<User> */
    public function __invoke(): array
    {
        return array_values(User::query()->with('controllers')->orderBy('name')->get()->all());
    }

    /** @return Collection<int, Delivery> by account: the newest invitation of each */
    public function invitations(): Collection
    {
        return Delivery::query()->where('kind', DeliveryKind::Invitation)->whereNotNull('user_id')->orderBy('id')->get()->keyBy('user_id');
    }
}
