<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ValueCast;
use Illuminate\Database\Eloquent\Model;
use Juramen\Canon\CanonicalJson;
use Juramen\Canon\Document;
use Juramen\Canon\Instant;
use Juramen\Points\ServiceThere;

/**
 * What a destination said of itself when it was asked, and how a test of it went.
 *
 * @property string $destination
 * @property string|null $service
 * @property Instant|null $fetched_at
 * @property string|null $tested a state, or a short code of what went wrong
 * @property Instant|null $tested_at
 */
final class DestinationFacts extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $table = 'destination_facts';

    protected $primaryKey = 'destination';

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['fetched_at' => ValueCast::INSTANT, 'tested_at' => ValueCast::INSTANT];
    }

    /** What it said; null where it was never asked. */
    public static function serviceOf(string $destination): ?ServiceThere
    {
        $said = self::query()->find($destination)?->service;

        return $said === null ? null : ServiceThere::from(Document::from(CanonicalJson::decode($said)));
    }
}
