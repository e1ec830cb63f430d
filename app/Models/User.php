<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use App\Support\Stored;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Juramen\Canon\Instant;

/**
 * Somebody who works here.
 *
 * @property int $id
 * @property string $name
 * @property string $email
 * @property string|null $password none until the invitation was followed
 * @property Role $role
 * @property Instant|null $signed_in_at when they last came in
 * @property Instant|null $ended_at since when they work here no more; the row stays, because what they did names it
 * @property string|null $code_secret of the second factor, in Base32, kept encrypted; none where it is not asked for
 * @property int|null $code_step the newest step whose code was used
 * @property-read Collection<int, RegisteredController> $controllers
 */
final class User extends Authenticatable
{
    protected $guarded = [];

    /** As entries of the ledger name somebody who works here. */
    public function named(): string
    {
        return "user {$this->id}";
    }

    protected $hidden = ['password', 'remember_token', 'code_secret', 'code_step'];

    public function hasEnded(): bool
    {
        return $this->ended_at !== null;
    }

    public function isInvited(): bool
    {
        return $this->password === null;
    }

    public function asksForCode(): bool
    {
        return $this->code_secret !== null;
    }

    /** @return BelongsToMany<RegisteredController, $this> those for whom somebody works; for every one where none is named */
    public function controllers(): BelongsToMany
    {
        return $this->belongsToMany(RegisteredController::class, 'user_controllers', 'user_id', 'controller_id');
    }

    /** Whether what belongs to a controller is theirs to see and change. */
    public function worksFor(int $controller): bool
    {
        $own = $this->role === Role::Editor ? $this->ownControllers() : [];

        return $own === [] || in_array($controller, $own, true);
    }

    /** @return list<int> ids of the controllers for whom alone they work; none where for every one */
    public function ownControllers(): array
    {
        return array_map(Stored::number(...), array_values($this->loadMissing('controllers')->controllers->modelKeys()));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'password' => 'hashed', 'role' => Role::class, 'code_secret' => 'encrypted', 'code_step' => 'integer',
            'signed_in_at' => ValueCast::INSTANT, 'ended_at' => ValueCast::INSTANT,
        ];
    }
}
