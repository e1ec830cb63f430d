<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Models\Point;
use App\Pages\Registers\HistoryRow;
use App\Queries\Registers\RegistersInForce;
use Juramen\Points\Sheet;
use Juramen\Points\SheetDifference;
use Juramen\Points\SheetDraft;

/** Brings together the history of a sheet; each state is made whole by the registers as they are now. */
final class ShowPointHistory
{
    private const MOST = 200;

    public function __construct(private readonly RegistersInForce $inForce) {}

    /** @param  int  $from  number of a revision; 0 for the one before the newest */
    public function of(Point $point, int $from, int $to): PointHistory
    {
        $registers = $this->inForce->registers();
        $revisions = $point->record->revisions()->with('author')->orderByDesc('number')->limit(self::MOST)->get();
        $newest = $revisions[0]->number ?? 1;
        [$from, $to] = [$from ?: max(1, $newest - 1), $to ?: $newest];
        $sheet = static fn (int $number): Sheet => $registers->complete(
            SheetDraft::from($point->record->revisions()->where('number', $number)->firstOrFail()->document)
        );

        return new PointHistory(
            $point, $sheet($newest)->draft->name, $from, $to, SheetDifference::between($sheet($from), $sheet($to)), $revisions,
            HistoryRow::all($revisions),
            $point->editions()->orderByDesc('number')->with('publisher')->get()
        );
    }
}
