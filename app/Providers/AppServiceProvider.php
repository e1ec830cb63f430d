<?php

declare(strict_types=1);

namespace App\Providers;

use App\Actions\Account\SignIn;
use App\Actions\ActLog;
use App\Actions\Mailing\SmtpSender;
use App\Actions\Screening\Judge;
use App\Actions\Screening\Models;
use App\Actions\Screening\ThrowAwayDomains;
use App\Http\HalfEntry;
use App\Queries\Points\EditionsInForce;
use App\Queries\Registers\RegistersInForce;
use App\Support\FlowLog;
use App\Support\Journal;
use App\Support\KeptAsPhp;
use App\Support\KeyStore;
use App\Support\Outgoing\Resolver;
use App\Support\Outgoing\SystemResolver;
use App\Support\Outgoing\ZoneFile;
use App\Support\PublishedForms;
use App\Support\QuietFailedJobs;
use App\Support\SystemClock;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;
use Juramen\Canon\MacRing;
use Juramen\Register\Network;
use Juramen\Wording\Words\LanguageFiles;
use Psr\Clock\ClockInterface;

/** Puts the parts together. */
final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(SystemClock::class, static fn (): SystemClock => new SystemClock);
        $this->app->alias(SystemClock::class, ClockInterface::class);
        // Read once a request.
        $this->app->scoped(RegistersInForce::class);
        // One for all acts of a request, so that what is done together is written together.
        $this->app->scoped(ActLog::class);
        $this->app->singleton(KeyStore::class, fn (): KeyStore => new KeyStore(config('juramen.keys'), config('juramen.ledger_origin')));
        $this->app->singleton(Journal::class, fn (): Journal => new Journal(config('juramen.keys').'/journal', config('juramen.machine')));
        $this->app->singleton(MacRing::class, fn (): MacRing => $this->app->make(KeyStore::class)->macs());
        $this->app->singleton(PublishedForms::class, fn (): PublishedForms => new PublishedForms(config('juramen.published'), new EditionsInForce));
        $this->app->singleton(FlowLog::class, fn (): FlowLog => new FlowLog(config()->string('juramen.flow'), $this->app->make(SystemClock::class)));
        // One connection to the mail server, whatever kinds of mail go over it.
        $this->app->singleton(SmtpSender::class);
        $this->app->singleton(Resolver::class, static function (): Resolver {
            $zone = config()->string('juramen.outgoing.zone', '');

            return $zone === '' ? new SystemResolver : new ZoneFile($zone);
        });
        $this->app->extend('queue.failer', fn (): QuietFailedJobs => new QuietFailedJobs(
            $this->app->make('db'), config()->string('queue.failed.database'), config()->string('queue.failed.table')
        ));
        $this->app->singleton(Models::class);
        LanguageFiles::keepBy(KeptAsPhp::of(...));
        $this->app->singleton(
            ThrowAwayDomains::class, static fn (): ThrowAwayDomains => new ThrowAwayDomains(config()->string('juramen.screening.throw_away'))
        );
        $this->app->scoped(Judge::class);
    }

    public function boot(): void
    {
        TrustProxies::at(array_filter(explode(',', (string) config('juramen.proxies'))));
        TrustProxies::withHeaders(
            Request::HEADER_X_FORWARDED_FOR | Request::HEADER_X_FORWARDED_HOST | Request::HEADER_X_FORWARDED_PORT | Request::HEADER_X_FORWARDED_PROTO
        );
        Model::preventLazyLoading(! $this->app->isProduction());
        Model::preventSilentlyDiscardingAttributes();
        // A component in the midst of a sentence brings no space of its own.
        Blade::prepareStringsForCompilationUsing(rtrim(...));
        // By network and account together, so that strangers cannot lock somebody out, and by network for many accounts; each as a
        // keyed digest, so that neither stands in the cache.
        RateLimiter::for('login', static function (Request $request): array {
            $network = Network::truncate((string) $request->ip()) ?? 'unknown';
            $half = HalfEntry::of($request->session())?->user;
            $account = SignIn::fold($request->string('email')->toString()).$request->user()?->getAuthIdentifier().$half;
            $by = static fn (string $what): string => hash_hmac('sha256', $what, (string) config('app.key'));

            return [
                Limit::perMinute(10)->by($by("$network $account")), Limit::perMinute(60)->by($by("$network any")),
                // Whoever has the password guesses no code from many networks: of a million, three are right at any moment.
                ...$half === null ? [] : [Limit::perHour(30)->by($by("code $half"))],
            ];
        });
    }
}
