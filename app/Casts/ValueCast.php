<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Juramen\Canon\Digest;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;

/**
 * Columns that hold core values: binary ids and digests, times to the microsecond in UTC.
 *
 * @implements CastsAttributes<Id|Digest|Instant, mixed>
 */
final readonly class ValueCast implements CastsAttributes
{
    public const ID = self::class.':id';

    public const DIGEST = self::class.':digest';

    public const INSTANT = self::class.':instant';

    public function __construct(private string $kind) {}

    public function get(Model $model, string $key, mixed $value, array $attributes): Id|Digest|Instant|null
    {
        return match (true) {
            $value === null => null,
            $this->kind === 'id' => Id::fromBytes($value),
            $this->kind === 'digest' => Digest::fromBytes($value),
            default => Instants::read($value),
        };
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return match (true) {
            $value instanceof Id, $value instanceof Digest => $value->bytes,
            $value instanceof Instant => Instants::write($value),
            default => $value,
        };
    }
}
