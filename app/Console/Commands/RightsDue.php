<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Report;
use App\Support\Moments;
use Juramen\Canon\Day;
use Juramen\Register\Country;
use Juramen\Upkeep\AnswerDeadline;
use Juramen\Upkeep\PublicHolidays;
use RuntimeException;

/** Needs no database. */
final class RightsDue extends Report
{
    protected $signature = 'rights:due {date : the day on which the request arrived, such as 2026-03-05}
        {--country= : where the controller has its seat, such as DE; public holidays are only known with it}
        {--extended : the person was told within the first time, with the reason, that it takes longer} {--json}';

    protected $description = 'The last day on which a request of a person (GDPR Art. 15 to 21) is answered in time';

    protected function report(): int
    {
        $given = (string) $this->argument('date');
        $received = Day::tryParse($given) ?? throw new RuntimeException("\"$given\" is not a day; write it like 2026-03-05.");
        $country = Country::find(mb_strtoupper((string) $this->option('country')));
        $deadline = AnswerDeadline::of($received, $country, (bool) $this->option('extended'));
        if ($this->option('extended') && ! $deadline->law->canBeExtended()) {
            throw new RuntimeException('More time cannot be counted on there. Leave out --extended.');
        }
        $this->option('json') ? $this->json([
            'received' => $received->text, 'country' => $country?->code, 'extended' => (bool) $this->option('extended'), 'ends' => $deadline->ends->text,
            'due' => $deadline->due->text, 'source' => $deadline->law->source(), 'holidays_known' => $deadline->holidaysKnown,
        ]) : $this->line(implode("\n", array_filter([
            'Answer by '.Moments::plain($deadline->due->text).' ('.$deadline->law->source().').',
            $deadline->moved() ? 'The time ends on '.Moments::plain($deadline->ends->text).', on which nobody works.' : null,
            PublicHolidays::in($country)->remark(),
        ])));

        return self::SUCCESS;
    }
}
