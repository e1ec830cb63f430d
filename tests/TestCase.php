<?php

declare(strict_types=1);

namespace Tests;

use App\Support\KeyStore;
use Database\Demo\Demo;
use Illuminate\Foundation\Testing\TestCase as Base;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Juramen\Points\PointEdition;
use LogicException;

/**
 * Feature tests run as the runtime user on databases of their own, with real commits; what a test left is cleared, as
 * the owner, before the next.
 */
abstract class TestCase extends Base
{
    private static bool $migrated = false;

    protected PointEdition $edition;

    protected function setUp(): void
    {
        parent::setUp();
        $keys = sys_get_temp_dir().'/juramen-keys-'.getmypid();
        $published = sys_get_temp_dir().'/juramen-published-'.getmypid();
        foreach ([$keys, $published] as $folder) {
            File::deleteDirectory($folder);
            File::makeDirectory($folder, 0700);
        }
        config(['juramen.keys' => $keys, 'juramen.published' => $published]);
        // As a browser says of a page that we served.
        $this->withHeader('Origin', (string) config('app.url'));
        $this->migrateOnce();
        $this->clear();
        app(KeyStore::class)->prepare();
        $this->edition = app(Demo::class)->loadForm();
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

    private function migrateOnce(): void
    {
        if (self::$migrated) {
            return;
        }
        $schema = config('juramen.ledger_schema');
        if (! str_starts_with((string) config('database.connections.owner.database'), 'juramen_test')) {
            throw new LogicException('Tests clear their database; they run on none but juramen_test and those named after it.');
        }
        foreach (['entries', 'leaves', 'subtrees', 'checkpoints'] as $table) {
            DB::connection('owner')->statement("DROP TABLE IF EXISTS `$schema`.`$table`");
        }
        Artisan::call('migrate:fresh', ['--database' => 'owner', '--force' => true]);
        self::$migrated = true;
    }

    private function clear(): void
    {
        $owner = DB::connection('owner');
        $owner->statement('SET FOREIGN_KEY_CHECKS = 0');
        foreach ([config('database.connections.owner.database'), config('juramen.ledger_schema')] as $schema) {
            foreach ($owner->select('SELECT table_name AS name FROM information_schema.tables WHERE table_schema = ?', [$schema]) as $table) {
                if ($table->name !== 'migrations' && $owner->table("$schema.{$table->name}")->exists()) {
                    $owner->statement("TRUNCATE `$schema`.`{$table->name}`");
                }
            }
        }
        $owner->statement('SET FOREIGN_KEY_CHECKS = 1');
    }
}
