<?php

declare(strict_types=1);

namespace App\Pages\Audit;

use App\Models\Suspension;
use App\Models\User;
use App\Support\Moments;
use Illuminate\Support\Facades\DB;

/** A suspension that holds at a point. */
final readonly class SuspensionView
{
    /**
     * @param  string  $people  how many it touches
     * @param  bool  $mayLift  whether whoever looks is not the one who ordered it
     */
    private function __construct(
        public int $id, public string $name, public string $by, public string $reason, public string $people, public bool $mayLift
    ) {}

    /** @return list<self> those that hold at a point, the newest first */
    public static function at(string $point, User $reader): array
    {
        $rows = Suspension::query()->with('user')->whereHas('point', static fn ($q) => $q->where('slug', $point))->whereNull('lifted_at')
            ->orderByDesc('id')->get();

        return array_values($rows->map(static function (Suspension $s) use ($reader): self {
            $count = DB::table('suspended_subscribers')->where('suspension_id', $s->id)->count();
            $people = $count === 1 ? '1 person' : number_format($count).' people';

            return new self(
                $s->id, Grid::named($s->requirement), "{$s->user->name} on ".Moments::minute($s->made_at), $s->reason,
                $s->done_at === null ? "$people so far, more are being written" : $people, $s->user_id !== $reader->id
            );
        })->all());
    }
}
