<?php

declare(strict_types=1);

namespace App\Support\Outgoing;

/** Looks names up. */
interface Resolver
{
    /** @return list<string> network addresses of a host, IPv4 and IPv6; none where it has none or nobody answers */
    public function addresses(string $host): array;

    /** Whether a domain takes mail (RFC 5321, section 5.1; RFC 7505); null where nobody answers. */
    public function takesMail(string $domain): ?bool;

    /** @return list<string>|null texts that stand under a name (TXT records); null where nobody answers */
    public function texts(string $name): ?array;
}
