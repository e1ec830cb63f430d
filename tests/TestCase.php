<?php

declare(strict_types=1);

namespace Tests;

use App\Models\PublishedEdition;
use Illuminate\Foundation\Testing\TestCase as Base;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Juramen\Points\PointEdition;
use Tests\Support\PreparedDatabase;

/**
 * Feature tests run as the runtime user on databases of their own, with real commits; what a test left is taken away before the
 * next.
 */
abstract class TestCase extends Base
{
    protected PointEdition $edition;

    protected function setUp(): void
    {
        parent::setUp();
        $keys = sys_get_temp_dir().'/juramen-keys-'.getmypid();
        $published = sys_get_temp_dir().'/juramen-published-'.getmypid();
        config(['juramen.keys' => $keys, 'juramen.published' => $published]);
        // As a browser says of a page that we served.
        $this->withHeader('Origin', (string) config('app.url'));
        PreparedDatabase::restore($keys, $published);
        $this->edition = PublishedEdition::query()->firstOrFail()->edition();
    }

    protected function tearDown(): void
    {
        Carbon::setTestNow();
        DB::disconnect();
        DB::disconnect('owner');
        parent::tearDown();
    }

    /** Works on another database from here on; as every one for tests, it is named juramen_test and something. */
    protected function useDatabase(string $name): void
    {
        config(['database.connections.runtime.database' => $name, 'database.connections.owner.database' => $name, 'juramen.ledger_schema' => "{$name}_ledger"]);
        DB::purge();
        DB::purge('owner');
    }

    /** A table of the ledger with its schema. */
    protected function ledger(string $table): string
    {
        return config('juramen.ledger_schema').'.'.$table;
    }

    /**
     * Opens a mail's link as a browser does, with the cookie that leads to the page without the secret.
     *
     * @param  array<string, string>  $headers
     */
    public function openLink(string $path, array $headers = []): TestResponse
    {
        $opened = $this->get($path, $headers);
        if (! $opened->isRedirect()) {
            return $opened;
        }
        expect($opened->getStatusCode())->toBe(303);
        $cookie = $opened->headers->getCookies()[0];

        return $this->withUnencryptedCookie($cookie->getName(), (string) $cookie->getValue())->get((string) $opened->headers->get('Location'), $headers);
    }
}
