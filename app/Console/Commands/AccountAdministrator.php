<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Account\Accounts;
use App\Models\EntryLink;
use Illuminate\Console\Command;
use Juramen\Canon\MacRing;
use Juramen\Canon\Refused;

/** The first administrator, and one more where none can come in: whoever runs commands on this machine may do so. */
final class AccountAdministrator extends Command
{
    protected $signature = 'account:administrator {email} {name? : where there is no account with this address yet} {--json}';

    protected $description = 'Gives somebody an administrator\'s account, and prints the link under which a password is set';

    public function handle(Accounts $accounts, MacRing $keys): int
    {
        try {
            $user = $accounts->byOperator((string) $this->argument('email'), (string) $this->argument('name'));
        } catch (Refused $e) {
            $this->option('json') ? $this->line((string) json_encode(['error' => $e->getMessage()])) : $this->error($e->getMessage());

            return 2;
        }
        $link = url('/enter/'.EntryLink::query()->where('user_id', $user->id)->whereNull('used_at')->firstOrFail()->token($keys));
        $this->line($this->option('json') ? (string) json_encode(['link' => $link], JSON_UNESCAPED_SLASHES)
            : "$user->name sets a password within a week at\n  $link\nand is an administrator then. It stands in the log of what was done.");

        return self::SUCCESS;
    }
}
