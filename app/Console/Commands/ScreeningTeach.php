<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Screening\TeachWords;
use Illuminate\Console\Command;

final class ScreeningTeach extends Command
{
    protected $signature = 'screening:teach';

    protected $description = 'Learns anew what words say, from enquiries that people read as spam or worked on; done daily by itself';

    public function handle(TeachWords $teach): int
    {
        $words = $teach();
        $this->line(number_format($words->size()).' words of five senders or more, from '.number_format($words->spam).' senders of spam and '
            .number_format($words->ham).' others.');

        return self::SUCCESS;
    }
}
