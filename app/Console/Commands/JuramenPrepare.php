<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Consent\RebuildPermissions;
use App\Actions\Ledger\Seal;
use App\Actions\Signup\AskWaitingNumbers;
use App\Models\User;
use App\Support\KeyStore;
use App\Support\PublishedForms;
use Database\Demo\Demo;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Schema;

final class JuramenPrepare extends Command
{
    protected $signature = 'juramen:prepare {--without-demo}';

    protected $description = 'Makes what is missing: keys, tables, and once the demo';

    public function handle(KeyStore $keys, PublishedForms $published): int
    {
        $keys->prepare();
        $older = Schema::hasTable('permissions') && ! Schema::hasColumn('permissions', 'ended');
        if ($this->call('migrate', ['--database' => 'owner', '--force' => true]) !== self::SUCCESS) {
            return self::FAILURE;
        }
        if (! $this->option('without-demo') && User::query()->doesntExist()) {
            $this->line('Loading the demo');
            app(Demo::class)->load();
            app(Seal::class)(everything: true);
        }
        // What was projected before it was known by which yes something is permitted, and when it ended.
        if ($older) {
            app(RebuildPermissions::class)(true, static fn (int $done) => null);
        }
        app(AskWaitingNumbers::class)();
        $published->refresh();
        if (! is_file(config()->string('juramen.screening.throw_away')) && is_dir(base_path('node_modules/disposable-email-domains'))) {
            $this->call('screening:domains');
        }

        return self::SUCCESS;
    }
}
