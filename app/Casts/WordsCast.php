<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * Short names in one column, with spaces between.
 *
 * @implements CastsAttributes<list<string>, list<string>>
 */
final class WordsCast implements CastsAttributes
{
    /** @return list<string> */
    public function get(Model $model, string $key, mixed $value, array $attributes): array
    {
        return is_string($value) && $value !== '' ? explode(' ', $value) : [];
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return implode(' ', is_array($value) ? array_filter($value, is_string(...)) : []);
    }
}
