<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Juramen\Canon\Day;
use Juramen\Canon\Digest;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;

/**
 * Columns that hold core values: binary ids and digests, times to the microsecond in UTC, days.
 *
 * @implements CastsAttributes<Id|Digest|Instant|Day, mixed>
 */
final readonly class ValueCast implements CastsAttributes
{
    public const ID = self::class.':id';

    public const DIGEST = self::class.':digest';

    public const INSTANT = self::class.':instant';

    public const DAY = self::class.':day';

    public function __construct(private string $kind) {}

    public function get(Model $model, string $key, mixed $value, array $attributes): Id|Digest|Instant|Day|null
    {
        return match (true) {
            $value === null => null,
            $this->kind === 'id' => Id::fromBytes($value),
            $this->kind === 'digest' => Digest::fromBytes($value),
            $this->kind === 'day' => Day::parse($value),
            default => Instants::read($value),
        };
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return match (true) {
            $value instanceof Id, $value instanceof Digest => $value->bytes,
            $value instanceof Instant => Instants::write($value),
            $value instanceof Day => $value->text,
            default => $value,
        };
    }
}
