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

        return (new OfficeHeaders)->handle($request, static fn (): Response => response()->view('office.failure', ['status' => $status], $status));
    }
}
