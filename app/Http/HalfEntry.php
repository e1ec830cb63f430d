<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\User;
use Illuminate\Contracts\Session\Session;

/** Somebody whose password fitted and who is still asked for a code: five minutes, in their session. */
final readonly class HalfEntry
{
    private const KEY = 'half-entry';

    private const SECONDS = 300;

    private function __construct(public int $user, public string $to) {}

    public static function begin(Session $session, User $user, string $to): void
    {
        $session->migrate(true);
        $session->put(self::KEY, ['user' => $user->id, 'to' => $to, 'until' => time() + self::SECONDS]);
    }

    /** Null where there is none, or its time is over. */
    public static function of(Session $session): ?self
    {
        $kept = $session->get(self::KEY);

        return is_array($kept) && $kept['until'] > time() ? new self((int) $kept['user'], (string) $kept['to']) : null;
    }

    public static function end(Session $session): void
    {
        $session->forget(self::KEY);
    }

    /** Whoever has come in no further and still works here, with the second factor they had. */
    public function user(): ?User
    {
        $user = User::find($this->user);

        return $user instanceof User && ! $user->hasEnded() ? $user : null;
    }
}
