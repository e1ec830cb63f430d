<?php

declare(strict_types=1);

namespace App\Actions\Senders;

use App\Support\Outgoing\Resolver;
use Illuminate\Support\Facades\Cache;
use Juramen\Register\Controller;
use Juramen\Register\SenderProof;

/** Asks the name servers what they say of the address that a controller's mails come from. */
final class ProveSender
{
    /** Seconds for which an answer is kept: a page is drawn often, and names change seldom. */
    private const KEPT = 600;

    public function __construct(private readonly Resolver $resolver) {}

    /** @return SenderProof|null null where no address is written */
    public function __invoke(Controller $controller): ?SenderProof
    {
        $domain = mb_strtolower(substr((string) strrchr($controller->sender, '@'), 1));
        if ($domain === '') {
            return null;
        }
        $selector = $controller->dkimSelector;

        return Cache::store('computed')->remember("sender $domain $selector", self::KEPT, fn (): SenderProof => SenderProof::of(
            $domain, $this->resolver->texts($domain), $selector === '' ? [] : $this->resolver->texts("$selector._domainkey.$domain"), $selector,
            $this->dmarc($domain)
        ));
    }

    /** @return list<string>|null of the domain, or of the one above it, as receivers look for it */
    private function dmarc(string $domain): ?array
    {
        $own = $this->resolver->texts("_dmarc.$domain");
        $above = implode('.', array_slice(explode('.', $domain), 1));

        return $own !== [] || substr_count($above, '.') < 1 ? $own : $this->resolver->texts("_dmarc.$above");
    }
}
