<?php

declare(strict_types=1);

namespace App\Actions\Points;

use Illuminate\Support\Facades\DB;
use Juramen\Canon\Digest;

/** Gathers bytes that an edition freezes, each named by its SHA-256, and keeps them all at once. */
final class Freezer
{
    /** @var list<array{digest: string, type: string, bytes: string}> */
    private array $frozen = [];

    public function freeze(string $type, string $bytes): Digest
    {
        $digest = Digest::of($bytes);
        $this->frozen[] = ['digest' => $digest->bytes, 'type' => $type, 'bytes' => $bytes];

        return $digest;
    }

    /** Inside the transaction that publishes; bytes that are kept already stay as they are. */
    public function keep(): void
    {
        if ($this->frozen !== []) {
            DB::table('frozen_bytes')->insertOrIgnore($this->frozen);
        }
    }
}
