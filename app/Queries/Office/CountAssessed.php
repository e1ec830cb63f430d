<?php

declare(strict_types=1);

namespace App\Queries\Office;

use App\Casts\Instants;
use App\Models\AssessedSubmission;
use App\Support\Stored;
use App\Support\SystemClock;
use Juramen\Screening\Band;
use Juramen\Screening\Signal;
use Juramen\Screening\Weights;

/** What screening made of the submissions of the last days, and what it noticed. */
final class CountAssessed
{
    public const DAYS = 30;

    /** @var array<string, int> */
    private array $bands = [];

    /** @var array<string, int> */
    private array $signals = [];

    public function __construct(SystemClock $clock)
    {
        $since = Instants::write($clock->instant()->plusDays(-self::DAYS));
        $rows = AssessedSubmission::query()->toBase()->where('assessed_at', '>', $since)->groupBy('band', 'signals')
            ->selectRaw('band, signals, COUNT(*) AS n')->get();
        foreach ($rows as $row) {
            $n = Stored::number($row->n);
            $this->bands[Stored::text($row->band)] = ($this->bands[Stored::text($row->band)] ?? 0) + $n;
            foreach (Weights::ours()->stored(Stored::text($row->signals)) as $noticed) {
                $this->signals[$noticed->signal->id()] = ($this->signals[$noticed->signal->id()] ?? 0) + $n;
            }
        }
    }

    public function of(Band|Signal $what): int
    {
        return $what instanceof Band ? $this->bands[$what->value] ?? 0 : $this->signals[$what->id()] ?? 0;
    }
}
