<?php

declare(strict_types=1);

namespace App\Support\Outgoing;

/** Asks the machine's own name servers. */
final class SystemResolver implements Resolver
{
    public function addresses(string $host): array
    {
        $found = @dns_get_record($host, DNS_A | DNS_AAAA);

        return array_values(array_filter(
            array_map(static fn (array $record): mixed => $record['ip'] ?? $record['ipv6'] ?? null, $found === false ? [] : $found), is_string(...)
        ));
    }

    public function takesMail(string $domain): ?bool
    {
        $exchanges = @dns_get_record($domain, DNS_MX);
        if ($exchanges === false) {
            return null;
        }
        $targets = array_map(static fn (array $record): mixed => $record['target'] ?? '', $exchanges);

        // Where none is named, the domain itself takes it; a single dot says that it takes none.
        return $targets === [] ? $this->addresses($domain) !== [] : array_filter($targets, static fn (mixed $t): bool => $t !== '' && $t !== '.') !== [];
    }

    public function texts(string $name): ?array
    {
        $found = @dns_get_record($name, DNS_TXT);

        return $found === false ? null
            : array_values(array_filter(array_map(static fn (array $record): mixed => $record['txt'] ?? null, $found), is_string(...)));
    }
}
