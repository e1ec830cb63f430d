<?php

declare(strict_types=1);

use App\Support\FailureResponse;
use App\Support\QuietReport;
use App\Support\UnknownBytes;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;

$home = require __DIR__.'/home.php';
foreach (['services', 'packages', 'config', 'routes', 'events'] as $cache) {
    $_ENV['APP_'.strtoupper($cache).'_CACHE'] ??= "$home/storage/framework/$cache.php";
}

$app = Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        commands: __DIR__.'/../routes/console.php',
        using: function (): void {
            Route::middleware('public')->group(__DIR__.'/../routes/public.php');
            Route::middleware('web')->group(__DIR__.'/../routes/office.php');
        },
    )
    ->withMiddleware(function (Middleware $middleware): void {
        // Which proxies are trusted is a setting, read when the application boots.
        $middleware->trustHosts(at: static fn (): array => array_map(
            static fn (string $host): string => '^'.preg_quote($host).'$',
            array_filter([(string) parse_url((string) config('app.url'), PHP_URL_HOST), ...explode(',', (string) config('juramen.hosts'))]),
        ), subdomains: false);
        $middleware->append(App\Http\Middleware\RelativeRedirects::class);
        $middleware->web(replace: [
            Illuminate\Session\Middleware\StartSession::class => App\Http\Middleware\OfficeSession::class,
            Illuminate\Foundation\Http\Middleware\ValidateCsrfToken::class => App\Http\Middleware\FormToken::class,
        ]);
        // Public pages set no cookie and start no session.
        $middleware->group('public', [App\Http\Middleware\PublicHeaders::class]);
        $middleware->appendToGroup('web', [App\Http\Middleware\OfficeHeaders::class]);
        $middleware->prependToGroup('web', [App\Http\Middleware\OneValueEach::class]);
        $middleware->redirectGuestsTo(
            static fn (Request $request): string => $request->isMethod('GET') && ! $request
                ->is('/', 'desk', 'token') ? '/login?'.http_build_query(['to' => $request->getRequestUri()]) : '/login'
        );
        $middleware->redirectUsersTo('/desk');
        // What was typed reaches us as typed; trimming is each field's own affair.
        $middleware->remove([
            Illuminate\Foundation\Http\Middleware\TrimStrings::class,
            Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull::class,
        ]);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        // Asked for by a name that nothing has: not our fault, and no line of the log.
        $exceptions->report(fn (Throwable $e) => $e instanceof UnknownBytes && ! $e->changed ? null : QuietReport::write($e))->stop();
        $exceptions->render(fn (Throwable $e, Request $request) => FailureResponse::for($e, $request));
    })
    ->create();

$app->useEnvironmentPath($home)->loadEnvironmentFrom('env');
$app->useStoragePath($home.'/storage');

return $app;
