<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Symfony\Component\HttpFoundation\Response;

/**
 * Sessions of the office: whoever only looks, without being signed in, gets neither a cookie nor a row in the database. A part of a page
 * reads its session and does not write it: asked for while a form is sent, it would otherwise use up or overwrite what that form is told.
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
        if (! $this->passing && ! ($request->isMethodSafe() && $request->hasHeader('HX-Request'))) {
            parent::saveSession($request);
        }
    }
}
