<?php

declare(strict_types=1);

namespace App\Support;

use App\Http\Middleware\OfficeHeaders;
use App\Http\Middleware\PublicHeaders;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\Exceptions\HttpResponseException;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Validation\ValidationException;
use Juramen\Register\Language;
use Symfony\Component\HttpFoundation\Response as HttpResponse;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** A clear page for everything that goes wrong: what happened and what to do, never a trace. */
final class FailureResponse
{
    private const NOT_OUR_ADDRESS = [
        'This is not our address', 'You came by a name that this instance does not answer to. Use the address you were given.',
    ];

    private const NO_SUCH_PAGE = ['There is no such page', 'Check the address, or go back to the start.'];

    /** Title and what to do, by status, for people who work here. */
    private const OFFICE = [
        400 => self::NOT_OUR_ADDRESS, 421 => self::NOT_OUR_ADDRESS, 404 => self::NO_SUCH_PAGE, 405 => self::NO_SUCH_PAGE,
        403 => ['This is not open to you', 'Your role may not see or do this. If you need it, ask an administrator for another role.'],
        419 => ['You were away for too long', 'Your session ended, so nothing was changed. Sign in and do it once more.'],
        429 => ['Too many tries', 'Wait a minute, then try again.'],
    ];

    private const OURS = [
        'This did not work just now', 'The fault is ours and was written down. Try again in a few minutes; if it stays, tell your administrator.',
    ];

    public static function for(Throwable $e, Request $request): ?HttpResponse
    {
        if ($e instanceof AuthenticationException || $e instanceof ValidationException || $e instanceof HttpResponseException) {
            return null;
        }
        $status = match (true) {
            $e instanceof AuthorizationException => 403,
            $e instanceof TokenMismatchException => 419,
            $e instanceof PostTooLargeException => 413,
            $e instanceof ModelNotFoundException, $e instanceof UnknownBytes && ! $e->changed => 404,
            $e instanceof HttpExceptionInterface => $e->getStatusCode(),
            default => 503,
        };
        if ($request->is('forms/*', 'confirm', 'confirm/*', 'withdraw', 'withdraw/*', 'frozen/*', 'look/*', 'ledger/*')) {
            $page = match ($status) {
                404, 405 => 'gone',
                413 => 'refused',
                default => 'failure',
            };

            return (new PublicHeaders)->handle($request, static fn (): Response => VisitorPage::respond(
                Language::preferred((string) $request->header('Accept-Language'), Language::cases()), 'ending', ['page' => $page], status: $status,
            ));
        }

        $words = self::OFFICE[$status] ?? self::OURS;

        $page = static fn (): Response => response()->view('office.failure', ['title' => $words[0], 'text' => $words[1]], $status);

        return (new OfficeHeaders)->handle($request, $page);
    }
}
