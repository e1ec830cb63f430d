<?php

declare(strict_types=1);

namespace App\Pages\Lists;

use App\Models\DestinationKey;
use App\Queries\Lists\HandoverCount;
use App\Queries\Registers\RegistersInForce;
use App\Support\Moments;
use Juramen\Register\Destination;

/** The keys of all destinations, without what they are. */
final class KeysPage
{
    public function __construct(private readonly RegistersInForce $inForce) {}

    /** @return list<KeyRow> */
    public function rows(): array
    {
        $keys = DestinationKey::query()->with('user')->get()->keyBy('destination');

        return array_map(static function (Destination $d) use ($keys): KeyRow {
            $key = $keys->get($d->id->text);
            $refused = HandoverCount::of($d->id->text)->problem === 'key-refused';

            return new KeyRow(
                $d->id->text, $d->name, $d->address, $key === null ? 'not set yet' : "set by {$key->user->name}, ".Moments::exact($key->set_at), $refused
            );
        }, $this->inForce->registers()->destinations->all());
    }
}
