<?php

declare(strict_types=1);

namespace App\Queries\Audit;

use App\Support\SystemClock;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Facades\Cache;

/**
 * What was done, as it was counted last: counting goes through everybody, so the clock does it, and whoever takes an audit; a page only reads it.
 */
final class DeedsLately
{
    private const NAME = 'deeds';

    public function __construct(private readonly CountDeeds $count, private readonly SystemClock $clock) {}

    /** As counted last, or now where that was never done. */
    public function last(): CountedDeeds
    {
        $kept = self::kept()->get(self::NAME);

        return $kept instanceof CountedDeeds ? $kept : $this->anew();
    }

    public function anew(): CountedDeeds
    {
        $counted = new CountedDeeds($this->clock->instant(), ($this->count)());
        self::kept()->forever(self::NAME, $counted);

        return $counted;
    }

    private static function kept(): Repository
    {
        return Cache::store('computed');
    }
}
