<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * Somebody who works here.
 *
 * @property int $id
 * @property string $name
 * @property string $email
 * @property string $password
 * @property Role $role
 */
final class User extends Authenticatable
{
    protected $guarded = [];

    /** As entries of the ledger name somebody who works here. */
    public function named(): string
    {
        return "user {$this->id}";
    }

    protected $hidden = ['password', 'remember_token'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed', 'role' => Role::class];
    }
}
