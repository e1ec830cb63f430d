<?php

declare(strict_types=1);

namespace App\Actions\Screening;

use App\Casts\Instants;
use App\Support\KeyStore;
use App\Support\Outgoing\Resolver;
use App\Support\SystemClock;

use function Illuminate\Support\defer;

use Illuminate\Support\Facades\DB;

/**
 * Whether the domains of addresses take mail. The resolver is asked when the visitor has their answer already, one domain at a time; what it said is
 * kept under a keyed digest of the domain for some days.
 */
final class MailDomains
{
    public const DAYS = 14;

    private const LOCK = 'juramen-resolver';

    public function __construct(private readonly KeyStore $keys, private readonly Resolver $resolver, private readonly SystemClock $clock) {}

    /** @return bool|null null where nobody has said so, or too long ago */
    public function takes(string $domain): ?bool
    {
        $said = DB::table('mail_domains')->where('digest', $this->digest($domain))->where('asked_at', '>', $this->since())->value('takes');

        return $said === null ? null : (bool) $said;
    }

    /** Asks once the answer is on its way, where it is not known. */
    public function askAfterwards(string $domain): void
    {
        defer(fn () => $this->ask($domain))->always();
    }

    /** Where somebody else is asking at the moment, nobody asks: a flood is not to wait for a resolver. */
    public function ask(string $domain): void
    {
        if ($this->takes($domain) !== null || DB::scalar('SELECT GET_LOCK(?, 0)', [self::LOCK]) !== 1) {
            return;
        }
        try {
            $takes = $this->resolver->takesMail($domain);
            if ($takes !== null) {
                DB::table('mail_domains')->upsert(
                    ['digest' => $this->digest($domain), 'takes' => $takes, 'asked_at' => Instants::write($this->clock->instant())], ['digest']
                );
            }
        } finally {
            DB::scalar('SELECT RELEASE_LOCK(?)', [self::LOCK]);
        }
    }

    private function since(): string
    {
        return Instants::write($this->clock->instant()->plusDays(-self::DAYS));
    }

    private function digest(string $domain): string
    {
        return substr($this->keys->lookup('', 'mail domain', strtolower($domain))->bytes, 0, 16);
    }
}
