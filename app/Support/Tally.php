<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Database\Eloquent\Builder as ModelBuilder;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** How many rows there are, counted no further than anybody needs: a list of 300,000 is no slower to open than one of 1,000. */
final readonly class Tally
{
    /** How far a list with pages is counted, and can be turned over: 200 pages of 50. Whoever looks for something older filters. */
    public const LIST = 10_000;

    /** How far it is counted where many numbers stand side by side. */
    public const BESIDE = 1_000;

    /** Counted to the end. */
    public const ALL = PHP_INT_MAX - 1;

    /** @param  int  $counted  at most as many as were to be counted  @param  bool  $more  whether there are more */
    public function __construct(public int $counted, public bool $more = false) {}

    /**
     * Counts the rows of a query, up to a number.
     *
     * @param  Builder|ModelBuilder<*>  $rows  whatever it selects; its order does not matter
     */
    public static function of(Builder|ModelBuilder $rows, int $atMost): self
    {
        $counted = DB::query()->fromSub($rows->clone()->reorder()->limit($atMost + 1), 'counted')->count();

        return new self(min($counted, $atMost), $counted > $atMost);
    }

    public function plus(self $other): self
    {
        return new self($this->counted + $other->counted, $this->more || $other->more);
    }

    /** "1,234", or "more than 10,000". */
    public function text(): string
    {
        return ($this->more ? 'more than ' : '').number_format($this->counted);
    }
}
