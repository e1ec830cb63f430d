<?php

declare(strict_types=1);

namespace Juramen\Screening;

/** How many others came lately that have something in common with a submission, counted by keyed digests that end by themselves. */
final readonly class Nearby
{
    /**
     * @param  int  $network  from the same truncated network, within an hour
     * @param  int  $domain  with addresses of the same domain within a day, beyond what is usual of that domain
     * @param  int  $pattern  with addresses of the same pattern, within a day
     * @param  int  $text  with the very same words from other addresses, within a week
     * @param  int  $replayed  pages that had been sent before, from the same truncated network, within an hour
     */
    public function __construct(
        public int $network = 0, public int $domain = 0, public int $pattern = 0, public int $text = 0,
        public int $replayed = 0
    ) {}

    /**
     * @param  int  $from  so many are nothing yet
     * @param  int  $full  so many are as much as there can be
     * @return float 0 to 1
     */
    public function grade(int $count, int $from, int $full): float
    {
        return min(1.0, max(0.0, ($count - $from + 1) / ($full - $from + 1)));
    }
}
