<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Juramen\Canon\Document;

/**
 * Columns that hold a document as JSON, in whatever order its members were written.
 *
 * @implements CastsAttributes<Document, Document>
 */
final readonly class DocumentCast implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): Document
    {
        return Document::parse((string) $value);
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return (string) json_encode((object) $value->toArray(), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }
}
