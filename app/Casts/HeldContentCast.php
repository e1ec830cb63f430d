<?php

declare(strict_types=1);

namespace App\Casts;

use App\Models\HeldContent;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Crypt;
use Juramen\Canon\Document;

/**
 * What somebody sent, encrypted in its column.
 *
 * @implements CastsAttributes<HeldContent, HeldContent>
 */
final readonly class HeldContentCast implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): HeldContent
    {
        return HeldContent::from(Document::parse(Crypt::decryptString((string) $value)));
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        $json = json_encode($value->toDocument()->toArray(), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);

        return Crypt::encryptString($json);
    }
}
