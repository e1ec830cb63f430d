<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Actions\ActLog;
use App\Actions\ActRefusal;
use App\Actions\Delivery\Outbox;
use App\Casts\Instants;
use App\Models\ActKind;
use App\Models\EntryLink;
use App\Models\EntryLinkKind;
use App\Models\User;
use App\Support\SystemClock;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Id;
use Juramen\Canon\MacRing;
use Juramen\Canon\Refused;

/** Links by which somebody sets a password: made and mailed, opened, used once. */
final class EntryLinks
{
    public function __construct(
        private readonly Outbox $outbox, private readonly Sessions $sessions, private readonly MacRing $keys, private readonly ActLog $log,
        private readonly SystemClock $clock
    ) {}

    /** Lays a mail with a link out; links that were made before hold no longer. */
    public function send(User $user, EntryLinkKind $kind): void
    {
        DB::transaction(function () use ($user, $kind): void {
            $now = $this->clock->instant();
            $this->spend($user);
            $link = EntryLink::query()->create([
                'id' => Id::random(), 'user_id' => $user->id, 'kind' => $kind, 'made_at' => $now, 'ends_at' => $now->plusSeconds($kind->hours() * 3600),
            ]);
            $this->outbox->toColleague($user, $kind->delivery(), $link->id->hex());
        }, 3);
    }

    /** The link of a token, where it still holds. */
    public function find(string $token): ?EntryLink
    {
        $id = EntryLink::named($token, $this->keys);
        $link = $id === null ? null : $this->open()->with('user')->whereKey($id->bytes)->first();

        return $link === null || $link->user->hasEnded() ? null : $link;
    }

    /**
     * Sets the password and ends every session there was.
     *
     * @throws Refused where the link holds no longer
     */
    public function enter(string $token, NewPassword $password): void
    {
        DB::transaction(function () use ($token, $password): void {
            $id = EntryLink::named($token, $this->keys);
            $link = $id === null ? null : $this->open()->whereKey($id->bytes)->lockForUpdate()->first();
            $user = $link === null ? null : User::query()->whereKey($link->user_id)->whereNull('ended_at')->lockForUpdate()->first();
            if ($user === null) {
                throw Refused::because(ActRefusal::LinkOver);
            }
            $user->update(['password' => $password->text]);
            $this->spend($user);
            $this->sessions->endAll($user);
            $this->log->write($user, ActKind::SetPassword, detail: $link->kind->value);
        }, 3);
    }

    /** Links of somebody that hold no longer. */
    public function spend(User $user): void
    {
        EntryLink::query()->where('user_id', $user->id)->whereNull('used_at')->update(['used_at' => Instants::write($this->clock->instant())]);
    }

    /** @return Builder<EntryLink> those that hold */
    public function open(): Builder
    {
        return EntryLink::query()->open(Instants::write($this->clock->instant()));
    }
}
