<?php

declare(strict_types=1);

namespace App\Queries\Screening;

use App\Casts\Instants;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Instant;
use Juramen\Screening\Text\TaughtWords;

/** What words say by what people decided, as it was learned last. */
final class ReadTaughtWords
{
    public function __invoke(): ?TaughtWords
    {
        $kept = DB::table('taught_words')->orderByDesc('id')->value('words');
        if (! is_string($kept)) {
            return null;
        }
        /** @var array{ham: int, spam: int, weights: array<array-key, float|int>} $words */
        $words = json_decode($kept, true, 3, JSON_THROW_ON_ERROR);

        return TaughtWords::from(['ham' => $words['ham'], 'spam' => $words['spam'], 'weights' => array_map(floatval(...), $words['weights'])]);
    }

    public function taughtAt(): ?Instant
    {
        $at = DB::table('taught_words')->orderByDesc('id')->value('taught_at');

        return is_string($at) ? Instants::read($at) : null;
    }
}
