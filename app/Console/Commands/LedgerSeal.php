<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Ledger\Seal;
use App\Console\Report;

final class LedgerSeal extends Report
{
    protected $signature = 'ledger:seal';

    protected $description = 'Seals what is not yet sealed; the scheduler does so every ten seconds';

    public function __construct(private readonly Seal $seal)
    {
        parent::__construct();
    }

    protected function report(): int
    {
        $this->line(($this->seal)(everything: true).' entries sealed.');

        return self::SUCCESS;
    }
}
