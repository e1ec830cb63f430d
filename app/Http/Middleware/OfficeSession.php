<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/**
 * Sessions of the office: whoever only looks, without being signed in, gets neither a cookie nor a row in the database. What a script of a
 * page asks for or saves reads the session and does not write it: while a form is sent it would otherwise use up or overwrite what that form is
 * told. What it saves keeps the session from running out; what it asks for by itself does not.
 */
final class OfficeSession extends StartSession
{
    private bool $passing = false;

    protected function startSession(Request $request, $session): Session
    {
        $this->passing = $request->isMethodSafe() && ! $request->cookies->has($session->getName());

        return parent::startSession($request, $session);
    }

    protected function addCookieToResponse(Response $response, Session $session): void
    {
        if (! $this->passing) {
            parent::addCookieToResponse($response, $session);
        }
    }

    protected function saveSession($request): void
    {
        if ($this->passing) {
            return;
        }
        if (! $request->hasHeader('HX-Request') && ! $request->hasHeader('X-Part')) {
            parent::saveSession($request);
        } elseif (! $request->isMethodSafe()) {
            DB::table(config()->string('session.table'))->where('id', $request->session()->getId())->update(['last_activity' => now()->getTimestamp()]);
        }
    }
}
