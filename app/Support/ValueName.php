<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Support\Facades\Lang;

/** What a kept value is called; one that has no name of its own is called by its field's. */
final class ValueName
{
    public static function of(string $name): string
    {
        return Lang::has("office.values.$name") ? (string) __("office.values.$name") : ucfirst(str_replace('-', ' ', $name));
    }
}
