<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\User;
use Illuminate\Http\Request;

/** Who is at work in the office. */
final class SignedIn
{
    /** The person signed in; where nobody is, the request ends here. */
    public static function user(Request $request): User
    {
        $user = $request->user();

        return $user instanceof User ? $user : abort(403);
    }
}
