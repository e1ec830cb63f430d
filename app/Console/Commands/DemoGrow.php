<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Ledger\Seal;
use App\Console\Report;
use Database\Demo\Crowd;

final class DemoGrow extends Report
{
    private const SAID_EVERY = 10_000;

    protected $signature = 'demo:grow {--subscribers= : how many more people there are to be} {--json}';

    protected $description = 'Adds a large invented population to the demo, by the same rules of the core';

    public function __construct(private readonly Crowd $crowd, private readonly Seal $seal)
    {
        parent::__construct();
    }

    protected function report(): int
    {
        $wanted = $this->option('subscribers');
        if (! is_string($wanted) || preg_match('/^[1-9]\d{0,7}$/D', $wanted) !== 1) {
            $this->progress('Say how many, like --subscribers=300000.');

            return self::COULD_NOT_RUN;
        }
        $began = hrtime(true);
        $this->crowd->grow((int) $wanted, function (int $so): void {
            if ($so % self::SAID_EVERY === 0) {
                $this->progress(number_format($so).' people');
            }
        });
        $this->progress('Sealing');
        $sealed = ($this->seal)();
        $seconds = round((hrtime(true) - $began) / 1e9, 1);
        $this->option('json') === true ? $this->json(['subscribers' => (int) $wanted, 'sealed' => $sealed, 'seconds' => $seconds])
            : $this->line(number_format((int) $wanted)." more people, $sealed entries sealed, in $seconds s.");

        return self::SUCCESS;
    }
}
