<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Ledger\Seal;
use App\Actions\Signup\AskWaitingNumbers;
use App\Models\User;
use App\Support\KeyStore;
use App\Support\PublishedForms;
use Database\Demo\Demo;
use Illuminate\Console\Command;

final class JuramenPrepare extends Command
{
    protected $signature = 'juramen:prepare {--without-demo}';

    protected $description = 'Makes what is missing: keys, tables, and once the demo';

    public function handle(KeyStore $keys, PublishedForms $published): int
    {
        $keys->prepare();
        if ($this->call('migrate', ['--database' => 'owner', '--force' => true]) !== self::SUCCESS) {
            return self::FAILURE;
        }
        if (! $this->option('without-demo') && User::query()->doesntExist()) {
            $this->line('Loading the demo');
            app(Demo::class)->load();
            app(Seal::class)(everything: true);
        }
        app(AskWaitingNumbers::class)();
        $published->refresh();

        return self::SUCCESS;
    }
}
