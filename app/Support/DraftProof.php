<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Support\Facades\Cache;
use Juramen\Canon\Digest;
use Juramen\Canon\Document;

/** What is being typed, kept for a while under its digest so that its proof can be shown. */
final class DraftProof
{
    private const SECONDS = 900;

    /** @return string the name under which it is kept */
    public static function keep(Document $document): string
    {
        $json = $document->json();
        $name = Digest::of($json)->hex();
        Cache::put("proof:$name", $json, self::SECONDS);

        return $name;
    }

    /** Null where it is kept no more. */
    public static function find(string $name): ?Document
    {
        $json = Cache::get("proof:$name");

        return is_string($json) ? Document::parse($json) : null;
    }
}
