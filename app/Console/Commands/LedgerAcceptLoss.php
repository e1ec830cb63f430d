<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Delivery\Deliveries;
use App\Actions\Ledger\LedgerTables;
use App\Actions\Ledger\SameLedger;
use App\Console\Report;
use App\Support\Journal;
use App\Support\JournalLine;
use App\Support\KeyStore;
use App\Support\SystemClock;

final class LedgerAcceptLoss extends Report
{
    protected $signature = 'ledger:accept-loss {--yes : the loss is understood and written down}';

    protected $description = 'After an older database was restored: names what is lost, sets it apart beside the key, and lets sealing and mailing go on';

    public function __construct(
        private readonly SameLedger $same,
        private readonly LedgerTables $ledger,
        private readonly KeyStore $keys,
        private readonly Journal $journal,
        private readonly Deliveries $deliveries,
        private readonly SystemClock $clock,
    ) {
        parent::__construct();
    }

    protected function report(): int
    {
        $why = $this->same->isNot();
        if ($why === null) {
            $this->line('Nothing is lost: the database holds what lies beside the key.');

            return self::SUCCESS;
        }
        $this->line($why);
        foreach ($this->same->missing() as $line) {
            $this->line("  lost: {$this->name($line)}");
        }
        if (! $this->option('yes')) {
            $this->line(
                'If this loss is understood and written down, call this again with --yes.'
                    .' What lies beside the key is set apart there; sealing goes on from this database, and every mail that waits in it waits for a person.'
            );

            return self::FOUND;
        }
        $name = 'lost-'.$this->clock->instant()->utc->format('Ymd-His');
        $this->journal->archive("journal.$name");
        $this->keys->setCheckpointApart("checkpoint.$name", $this->ledger->newestCheckpoint());
        $this->line($this->deliveries->doubtEverything()." mails wait for a person's word. What was set apart lies beside the key under the name $name.");

        return self::SUCCESS;
    }

    private function name(JournalLine $line): string
    {
        return "entry {$line->sequence} of subject {$line->subject->hex()}, sha256 {$line->digest->hex()}";
    }
}
