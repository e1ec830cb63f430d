<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Consent\RebuildPermissions;
use App\Console\Report;

final class ConsentRebuild extends Report
{
    protected $signature = 'consent:rebuild {--check : only say what differs} {--json}';

    protected $description = 'Folds the ledger into permissions anew and mends what differs';

    public function __construct(private readonly RebuildPermissions $rebuild)
    {
        parent::__construct();
    }

    protected function report(): int
    {
        $found = ($this->rebuild)(! $this->option('check'), fn (int $count) => $this->progress("$count subscribers compared"));
        if ($this->option('json')) {
            $this->json(['ok' => $found->differences === [], 'subscribers' => $found->subscribers, 'differences' => $found->differences]);
        } else {
            foreach ($found->differences as $difference) {
                [$is, $due] = [implode('; ', $difference->found) ?: 'nothing', implode('; ', $difference->expected) ?: 'nothing'];
                $this->line("Subject {$difference->subject}: found $is; the ledger says $due.");
            }
            $this->line(
                "{$found->subscribers} subscribers, ".count($found->differences).' differ'
                    .($this->option('check') || $found->differences === [] ? '.' : ' and were mended.')
            );
        }

        return $found->differences === [] ? self::SUCCESS : self::FOUND;
    }
}
