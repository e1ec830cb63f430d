<?php

declare(strict_types=1);

namespace App\Queries\Registers;

use App\Models\ApprovedEdition;
use App\Models\PublishedEdition;
use App\Models\Record;
use App\Models\Role;
use App\Models\User;
use Juramen\Canon\ById;

/** Who wrote what is not approved or published yet, and who else there is. */
final class Writers
{
    /** @return ById<User> people who wrote any of what differs from an edition, or from nothing */
    public function since(Record $record, ApprovedEdition|PublishedEdition|null $last): ById
    {
        $ids = $record->writersSince($last->revision ?? 0);

        return $ids === [] ? ById::none() : ById::of(User::query()->whereIn('id', $ids)->get(), static fn (User $u): string => (string) $u->id);
    }

    /** @return list<string> names of officers who are not this one */
    public function otherOfficers(User $officer): array
    {
        return array_values(User::query()->where('role', Role::Officer)->whereKeyNot($officer->id)->orderBy('id')->pluck('name')->all());
    }
}
