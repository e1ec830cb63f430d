<?php

declare(strict_types=1);

namespace App\Actions\Points;

/** An exception as an officer writes it, not yet checked. */
final readonly class ExceptionDraft
{
    private const LONGEST = 1000;

    /**
     * @param  string  $key  of the finding, see Finding::key()
     * @param  string  $until  a day like 2026-12-31
     */
    private function __construct(public string $key, public string $reason, public string $until) {}

    /**
     * Those for which a reason was written.
     *
     * @param  mixed  $reasons  key of a finding to what was written, as a browser sent it
     * @param  mixed  $ends  key of a finding to a day
     * @return list<self>
     */
    public static function fromReview(mixed $reasons, mixed $ends): array
    {
        $drafts = [];
        foreach (is_array($reasons) ? $reasons : [] as $key => $reason) {
            $reason = is_string($reason) ? mb_substr(trim(mb_scrub($reason, 'UTF-8')), 0, self::LONGEST) : '';
            $until = is_array($ends) && is_string($ends[$key] ?? null) ? $ends[$key] : '';
            if ($reason !== '') {
                $drafts[] = new self((string) $key, $reason, $until);
            }
        }

        return $drafts;
    }
}
