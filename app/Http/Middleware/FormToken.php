<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;

/**
 * Every form of the office carries its session's token. Signing in and setting a password have no session yet; there, what counts is
 * whence it was sent.
 */
final class FormToken extends ValidateCsrfToken
{
    protected $addHttpCookie = false;

    protected $except = ['login', 'forgotten', 'enter'];
}
