<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Ledger\Fault;
use App\Actions\Ledger\Pass;
use App\Actions\Ledger\VerifyLedger;
use App\Console\Report;
use RuntimeException;

final class LedgerVerify extends Report
{
    protected $signature = 'ledger:verify {--against= : a file with an earlier checkpoint} {--json}';

    protected $description = 'Checks every leaf, proof, signature, chain and personal value of the ledger';

    public function __construct(private readonly VerifyLedger $verify)
    {
        parent::__construct();
    }

    protected function report(): int
    {
        $file = $this->option('against');
        $against = is_string($file) ? @file_get_contents($file) : null;
        if ($against === false) {
            throw new RuntimeException("The file $file cannot be read; give one that holds a checkpoint as it was published.");
        }
        $found = ($this->verify)($against, fn (string $what, int $done, int $all) => $this->progress("$done of $all $what read"));
        if ($this->option('json')) {
            $this->json([
                'ok' => $found->holds(), 'entries' => $found->entries, 'sealed' => $found->sealed, 'checkpoints' => $found->checkpoints,
                'overdue' => $found->overdue,
                'passes' => array_map(static fn (Pass $p): array => ['name' => $p->name, 'seconds' => round($p->seconds, 3)], $found->passes),
                'faults' => array_map(
                    static fn (Fault $f): array => ['what' => $f->what, 'about' => $f->about, 'entry' => $f->entry, 'leaf' => $f->leaf], $found->faults
                ),
            ]);
        } else {
            $this->line("{$found->entries} entries, {$found->sealed} sealed, {$found->checkpoints} checkpoints.");
            foreach ($found->faults as $fault) {
                $this->line($fault->text());
            }
            $this->line($found->holds() ? 'Everything verifies.' : 'The ledger does not verify.');
        }

        return $found->holds() ? self::SUCCESS : self::FOUND;
    }
}
