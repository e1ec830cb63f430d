<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Models\User;
use App\Support\Moments;
use App\Support\Stored;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Instant;

/** Where somebody is signed in. Sessions are named to the browser by a digest, never by their id. */
final class Sessions
{
    /** @return list<OpenSession> newest first */
    public function of(User $user, string $own): array
    {
        return array_values(DB::table('sessions')->where('user_id', $user->id)->orderByDesc('last_activity')->get(['id', 'user_agent', 'last_activity'])
            ->map(static fn (object $row): OpenSession => new OpenSession(
                hash('sha256', Stored::text($row->id)), mb_substr((string) $row->user_agent, 0, 80),
                Moments::exact(Instant::of(Carbon::createFromTimestampUTC((int) $row->last_activity))), $row->id === $own,
            ))->all());
    }

    /** @return bool whether there was such a session */
    public function end(User $user, string $own, string $name): bool
    {
        foreach (DB::table('sessions')->where('user_id', $user->id)->where('id', '<>', $own)->pluck('id') as $id) {
            if (hash_equals(hash('sha256', Stored::text($id)), $name)) {
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
