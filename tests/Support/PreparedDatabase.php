<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Support\KeyStore;
use Database\Demo\Demo;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use LogicException;

/**
 * The database that feature tests begin from: migrated once, the demo's form loaded once, with keys and published copies. Before each
 * test whatever was written since is taken away and what was there is put back, as the owner.
 */
final class PreparedDatabase
{
    /** Only these may not be deleted from; they are emptied. */
    private const LEDGER = ['entries', 'leaves', 'subtrees', 'checkpoints'];

    private static ?self $prepared = null;

    /** @param  array<string, list<array<string, mixed>>>  $rows  of every table that holds any, by its name with its schema */
    private function __construct(private readonly string $files, private readonly array $rows) {}

    /** Puts everything back as it was when it was prepared; prepares it where this process has not. */
    public static function restore(string $keys, string $published): void
    {
        if (self::$prepared === null) {
            self::$prepared = self::prepare($keys, $published);
        } else {
            self::$prepared->putBack(DB::connection('owner'), $keys, $published);
        }
    }

    private static function prepare(string $keys, string $published): self
    {
        $owner = DB::connection('owner');
        if (! str_starts_with((string) $owner->getDatabaseName(), 'juramen_test')) {
            throw new LogicException('Tests clear their database; they run on none but juramen_test and those named after it.');
        }
        if (getenv('TEST_MIGRATED') !== '1') {
            foreach (self::LEDGER as $table) {
                $owner->statement('DROP TABLE IF EXISTS '.config('juramen.ledger_schema').".$table");
            }
            Artisan::call('migrate:fresh', ['--database' => 'owner', '--force' => true]);
        }
        (new self('', []))->putBack($owner, $keys, $published);
        app(KeyStore::class)->prepare();
        app(Demo::class)->loadForm();
        $files = sys_get_temp_dir().'/juramen-prepared-'.getmypid();
        File::deleteDirectory($files);
        File::copyDirectory($keys, "$files/keys");
        File::copyDirectory($published, "$files/published");
        register_shutdown_function(static fn (): bool => (new \Illuminate\Filesystem\Filesystem)->deleteDirectory($files));
        $rows = [];
        foreach (self::filled($owner) as $table) {
            $rows[$table] = $owner->table($table)->get()->map(static fn (object $row): array => (array) $row)->all();
        }

        return new self($files, $rows);
    }

    private function putBack(Connection $owner, string $keys, string $published): void
    {
        $owner->statement('SET FOREIGN_KEY_CHECKS = 0');
        $filled = self::filled($owner);
        foreach ($filled as $table) {
            if (self::onlyGrows($table)) {
                $owner->statement("TRUNCATE $table");
            }
        }
        $owner->transaction(function () use ($owner, $filled): void {
            foreach ($filled as $table) {
                if (! self::onlyGrows($table)) {
                    $owner->table($table)->delete();
                }
            }
            foreach ($this->rows as $table => $rows) {
                $owner->table($table)->insert($rows);
            }
        });
        $owner->statement('SET FOREIGN_KEY_CHECKS = 1');
        foreach (['keys' => $keys, 'published' => $published] as $what => $folder) {
            File::deleteDirectory($folder);
            if ($this->files === '') {
                File::makeDirectory($folder, 0700);
            } else {
                File::copyDirectory("$this->files/$what", $folder);
                // As they were made: for nobody else to read.
                foreach ([...glob("$folder/*") ?: [], ...glob("$folder/*/*") ?: []] as $file) {
                    chmod($file, is_dir($file) ? 0700 : 0600);
                }
            }
        }
    }

    /** @return list<string> tables that hold any rows, with their schema */
    private static function filled(Connection $owner): array
    {
        $schemas = [$owner->getDatabaseName(), config('juramen.ledger_schema')];
        $tables = $owner->select(
            "SELECT CONCAT(table_schema, '.', table_name) AS name FROM information_schema.tables WHERE table_schema IN (?, ?) AND table_name <> 'migrations'",
            $schemas
        );
        $asked = array_map(
            static fn (object $t): string => "SELECT '{$t->name}' AS name FROM DUAL WHERE EXISTS (SELECT 1 FROM {$t->name})", $tables
        );

        return array_column($owner->select(implode(' UNION ALL ', $asked)), 'name');
    }

    private static function onlyGrows(string $table): bool
    {
        $kept = array_filter(['acts', 'audits', 'foreign_pages'], static fn (string $name): bool => str_ends_with($table, ".$name"));

        return str_starts_with($table, config('juramen.ledger_schema').'.') || $kept !== [];
    }
}
