<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Ledger\RotateKey;
use App\Console\Report;

final class LedgerRotateKey extends Report
{
    protected $signature = 'ledger:rotate-key';

    protected $description = 'Takes a new signing key into use; the old one signs the hand-over';

    public function __construct(private readonly RotateKey $rotate)
    {
        parent::__construct();
    }

    protected function report(): int
    {
        $this->line('The new key is '.($this->rotate)()->text());

        return self::SUCCESS;
    }
}
