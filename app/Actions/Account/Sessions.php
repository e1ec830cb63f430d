<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Actions\ActLog;
use App\Models\ActKind;
use App\Models\User;
use App\Support\Moments;
use App\Support\Stored;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Instant;

/** Where somebody is signed in. Sessions are named to the browser by a digest, never by their id. */
final class Sessions
{
    public function __construct(private readonly ActLog $log) {}

    /** @return list<OpenSession> newest first */
    public function of(User $user, string $own): array
    {
        return array_values(DB::table('sessions')->where('user_id', $user->id)->orderByDesc('last_activity')->get(['id', 'user_agent', 'last_activity'])
            ->map(static fn (object $row): OpenSession => new OpenSession(
                hash('sha256', Stored::text($row->id)), self::browser((string) $row->user_agent),
                Moments::exact(Instant::of(Carbon::createFromTimestampUTC((int) $row->last_activity))), $row->id === $own,
            ))->all());
    }

    /** What a browser says of itself, in two words where they can be told: "Firefox on Windows". */
    private static function browser(string $agent): string
    {
        $first = static function (array $names) use ($agent): string {
            foreach ($names as $part => $name) {
                if (str_contains($agent, $part)) {
                    return $name;
                }
            }

            return '';
        };
        $browser = $first(['Edg/' => 'Edge', 'OPR/' => 'Opera', 'Firefox/' => 'Firefox', 'Chrome/' => 'Chrome', 'Safari/' => 'Safari']);
        $system = $first([
            'Windows' => 'Windows', 'Android' => 'Android', 'iPhone' => 'an iPhone', 'iPad' => 'an iPad', 'Mac OS X' => 'a Mac', 'Linux' => 'Linux',
        ]);

        return $browser === '' || $system === '' ? mb_substr($agent, 0, 60) : "$browser on $system";
    }

    /** @return bool whether there was such a session */
    public function end(User $user, string $own, string $name): bool
    {
        foreach (DB::table('sessions')->where('user_id', $user->id)->where('id', '<>', $own)->pluck('id') as $id) {
            if (hash_equals(hash('sha256', Stored::text($id)), $name)) {
                $this->log->write($user, ActKind::EndedSession);

                return DB::table('sessions')->where('id', $id)->delete() === 1;
            }
        }

        return false;
    }

    public function endAll(User $user): void
    {
        DB::table('sessions')->where('user_id', $user->id)->delete();
    }

    public function endOthers(User $user, string $own): void
    {
        DB::table('sessions')->where('user_id', $user->id)->where('id', '<>', $own)->delete();
    }
}
