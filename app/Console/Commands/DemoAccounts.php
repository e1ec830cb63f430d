<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Role;
use Database\Demo\People;
use Illuminate\Console\Command;

final class DemoAccounts extends Command
{
    protected $signature = 'demo:accounts';

    protected $description = 'Lists the accounts of the demo';

    public function handle(): int
    {
        foreach (People::ALL as [$name, $email, $role]) {
            $this->line(sprintf('  %-19s %s, password %s', Role::from($role)->value, $email, People::PASSWORD));
        }

        return self::SUCCESS;
    }
}
