<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Where somebody is signed in. Sessions are named to the browser by a digest, never by their id. */
final class Sessions
{
    /** @return list<array{name: string, browser: string, seen: int, own: bool}> newest first */
    public function of(User $user, string $own): array
    {
        return DB::table('sessions')->where('user_id', $user->id)->orderByDesc('last_activity')->get(['id', 'user_agent', 'last_activity'])
            ->map(static fn (object $row): array => ['name' => hash('sha256', $row->id), 'browser' => mb_substr((string) $row->user_agent, 0, 80), 'seen' => (int) $row->last_activity, 'own' => $row->id === $own])->values()->all();
    }

    /** @return bool whether there was such a session */
    public function end(User $user, string $own, string $name): bool
    {
        foreach (DB::table('sessions')->where('user_id', $user->id)->where('id', '<>', $own)->pluck('id') as $id) {
            if (hash_equals(hash('sha256', $id), $name)) {
                return DB::table('sessions')->where('id', $id)->delete() === 1;
            }
        }

        return false;
    }

    public function endOthers(User $user, string $own): void
    {
        DB::table('sessions')->where('user_id', $user->id)->where('id', '<>', $own)->delete();
    }
}
