<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Queries\Points\PointStatus;
use Juramen\Canon\Day;

/**
 * All signup points as one sees a coast: a band for each controller, in it the points by the place where they stand; a point's bar is as
 * long as its sign-ups of thirty days are many, its shape is the worst that was found.
 */
final readonly class PointPicture
{
    public const WIDTH = 1160;

    public const TILE = 64;

    private const COLUMNS = 4;

    private const GAP = 12;

    private const HEAD = 34;

    /** @param  list<PictureBand>  $bands */
    private function __construct(public int $height, public array $bands) {}

    /**
     * @param  list<PointStatus>  $points
     * @param  callable(PointStatus): string  $controller  its name
     */
    public static function of(array $points, Day $today, callable $controller): self
    {
        $most = max([1, ...array_map(static fn (PointStatus $s): int => $s->signups, $points)]);
        $by = [];
        foreach ($points as $point) {
            $by[$controller($point)][] = $point;
        }
        ksort($by);
        [$bands, $y] = [[], 0];
        $width = intdiv(self::WIDTH - (self::COLUMNS - 1) * self::GAP, self::COLUMNS);
        foreach ($by as $name => $theirs) {
            usort($theirs, static fn (PointStatus $a, PointStatus $b): int => $a->sheet->draft->place <=> $b->sheet->draft->place);
            $tiles = [];
            foreach ($theirs as $i => $status) {
                $tiles[] = self::tile(
                    $status, $today, ($i % self::COLUMNS) * ($width + self::GAP), $y + self::HEAD + intdiv($i,
                        self::COLUMNS) * (self::TILE + self::GAP), $width, $most
                );
            }
            $bands[] = new PictureBand((string) $name, $y, $tiles);
            $y += self::HEAD + (int) ceil(count($theirs) / self::COLUMNS) * (self::TILE + self::GAP) + self::GAP;
        }

        return new self(max($y, self::TILE), $bands);
    }

    private static function tile(PointStatus $status, Day $today, int $x, int $y, int $width, int $most): PointTile
    {
        $verdict = match (true) {
            $status->breaches > 0 => 'breach',
            $status->weaknesses > 0 => 'weakness',
            $status->unwritten + $status->toDo() > 0 => 'open',
            default => 'met',
        };
        [$draft, $state] = [$status->sheet->draft, $status->life($today)->value];
        $says = "{$draft->name}, {$draft->place}: $state, {$status->signups} sign-ups in 30 days, worst finding: $verdict";

        return new PointTile(
            $x, $y, $width, (int) round(($width - 24) * $status->signups / $most), mb_strimwidth($draft->name, 0, 30, '…'),
            mb_strimwidth($draft->place, 0, 42, '…'), $verdict, $state, route('points.sheet', $status->point->slug), $says
        );
    }
}
