<?php

declare(strict_types=1);

namespace App\Actions\Screening;

use App\Support\KeyStore;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Instant;
use Juramen\Register\EmailAddress;
use Juramen\Screening\Alike\AddressPattern;
use Juramen\Screening\Nearby;

/**
 * Counts what came lately with the same network, domain, pattern of an address or words. Kept are keyed digests, by whom in a digest too, for a
 * week at most.
 */
final class CountNearby
{
    public const DAYS = 7;

    private const HOUR = 3600;

    private const DAY = 86400;

    /** Characters below which words are the same by chance. */
    private const SHORT = 20;

    public function __construct(private readonly KeyStore $keys) {}

    /**
     * Inside the transaction that takes or holds it, which undoes it where it is undone.
     *
     * @param  string|null  $network  already truncated
     * @param  string  $text  that was written; may be empty
     */
    public function __invoke(EmailAddress $email, ?string $network, string $text, Instant $now): Nearby
    {
        $at = $now->utc->getTimestamp();
        $by = $this->digest('by', $email->mailbox());
        [$local, $domain] = [strstr($email->lookup(), '@', true) ?: '', substr((string) strrchr($email->lookup(), '@'), 1)];
        $words = mb_strtolower((string) preg_replace('/\s+/u', ' ', trim($text)));
        $seen = array_filter([
            'n' => $network === null ? null : $this->digest('network', $network), 'd' => $this->digest('domain', $domain),
            'p' => $this->digest('pattern', AddressPattern::of($local)."@$domain"),
            't' => mb_strlen($words) < self::SHORT ? null : $this->digest('text', $words),
            'r' => $network === null ? null : $this->digest('replayed', $network),
        ]);
        $count = static fn (string $of, int $from, int $until): int => isset($seen[$of]) ? DB::table('seen_lately')
            ->where('digest', $seen[$of])->where('of', $of)->where('by', '<>', $by)->where('at', '>', $from)->where('at', '<=', $until)
            ->distinct()->count('by') : 0;
        $usual = $count('d', $at - self::DAYS * self::DAY, $at - self::DAY) / (self::DAYS - 1);
        $near = new Nearby(
            $count('n', $at - self::HOUR, $at), max(0, $count('d', $at - self::DAY, $at) - (int) (3 * $usual)), $count('p', $at - self::DAY, $at),
            $count('t', $at - self::DAYS * self::DAY, $at), $count('r', $at - self::HOUR, $at)
        );
        unset($seen['r']);
        DB::table('seen_lately')->insert(array_map(
            static fn (string $of, string $digest): array => ['of' => $of, 'digest' => $digest, 'by' => $by, 'at' => $at], array_keys($seen), $seen
        ));

        return $near;
    }

    /** Whoever is erased is among nobody any more. */
    public function forget(EmailAddress $email): void
    {
        DB::table('seen_lately')->where('by', $this->digest('by', $email->mailbox()))->delete();
    }

    /** A page that was sent before came again with other answers. */
    public function replayed(?string $network, Instant $now): void
    {
        if ($network !== null) {
            DB::table('seen_lately')->insert([
                'of' => 'r', 'digest' => $this->digest('replayed', $network), 'by' => random_bytes(16), 'at' => $now->utc->getTimestamp(),
            ]);
        }
    }

    private function digest(string $of, string $value): string
    {
        return substr($this->keys->lookup('', "seen $of", $value)->bytes, 0, 16);
    }
}
