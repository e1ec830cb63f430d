<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

use App\Models\Handover;
use App\Models\Subscriber;
use App\Pages\Lists\HandoverWords;
use App\Queries\Registers\RegistersInForce;
use App\Support\Moments;
use Juramen\Canon\Slug;
use Juramen\Consent\Entry;
use Juramen\Consent\OnList;
use Juramen\Consent\Permissions;
use Juramen\Consent\Target;
use Juramen\Points\Registers;

/** To which list and destination each permission of a person went, and when that was acknowledged. */
final class WhereItWent
{
    public function __construct(private readonly RegistersInForce $inForce) {}

    /**
     * @param  list<Entry>  $chain
     * @return list<WentRow>
     */
    public function of(Subscriber $subscriber, array $chain, TargetNames $names): array
    {
        $registers = $this->inForce->registers();
        $permissions = Permissions::of($chain);
        $handovers = Handover::query()->where('subscriber_id', $subscriber->id)->orderBy('destination')->get();
        $rows = [];
        foreach ($registers->lists->all() as $list) {
            $on = (new OnList($list))->by($permissions);
            $there = $handovers->where('list', $list->id->text);
            if ($on !== null || $there->isNotEmpty()) {
                $rows[] = new WentRow(
                    $list->name, route('records.show', ['list', $list->id->text]), $names->of(new Target($list->purpose->text, $list->channel)),
                    $on?->since === null ? 'not on it any more' : 'since '.Moments::exact($on->since), self::words($there->all(), $registers)
                );
            }
        }
        $gone = $handovers->filter(static fn (Handover $h): bool => ! $registers->lists->has($h->list))->groupBy('list');
        foreach ($gone as $list => $there) {
            $rows[] = new WentRow(ucfirst(Slug::parse((string) $list)->spoken()), '', 'a list that is gone', '', self::words($there->all(), $registers));
        }

        return $rows;
    }

    /**
     * @param  array<array-key, Handover>  $handovers
     * @return list<string>
     */
    private static function words(array $handovers, Registers $registers): array
    {
        return array_values(array_map(static fn (Handover $h): string => HandoverWords::of($h, $registers), $handovers));
    }
}
