<?php

declare(strict_types=1);

namespace App\Actions\Points;

/** An exception as an officer writes it, not yet checked. */
final readonly class ExceptionDraft
{
    /** @param  string  $until  a day like 2026-12-31 */
    private function __construct(public string $reason, public string $until) {}

    /**
     * Those for which a reason was written.
     *
     * @param  array<array-key, mixed>  $reasons  key of a finding to what was written
     * @param  array<array-key, mixed>  $ends  key of a finding to a day
     * @return array<string, self> by key
     */
    public static function fromReview(array $reasons, array $ends): array
    {
        $drafts = [];
        foreach ($reasons as $key => $reason) {
            $reason = is_string($reason) ? mb_substr(trim(mb_scrub($reason, 'UTF-8')), 0, 1000) : '';
            if ($reason !== '') {
                $drafts[(string) $key] = new self($reason, is_string($ends[$key] ?? null) ? $ends[$key] : '');
            }
        }

        return $drafts;
    }
}
