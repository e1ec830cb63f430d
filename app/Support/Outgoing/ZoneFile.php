<?php

declare(strict_types=1);

namespace App\Support\Outgoing;

/** The resolver stand-in: knows the names of an invented world from a file, and no others. */
final class ZoneFile implements Resolver
{
    /** @param  string  $file  JSON: a name to its "A", "AAAA", "MX" and "TXT", each a list of texts */
    public function __construct(private readonly string $file) {}

    public function addresses(string $host): array
    {
        return [...$this->of($host, 'A'), ...$this->of($host, 'AAAA')];
    }

    /** Of a name that does not stand in the file nobody says anything. */
    public function takesMail(string $domain): ?bool
    {
        $exchanges = $this->of($domain, 'MX');

        return $exchanges === [] ? null : $exchanges !== ['.'];
    }

    public function texts(string $name): array
    {
        return $this->of($name, 'TXT');
    }

    /** @return list<string> */
    private function of(string $name, string $type): array
    {
        $zone = json_decode((string) @file_get_contents($this->file), true);
        $name = strtolower(rtrim($name, '.'));
        $values = is_array($zone) && is_array($zone[$name] ?? null) ? $zone[$name][$type] ?? [] : [];

        return is_array($values) ? array_values(array_filter($values, is_string(...))) : [];
    }
}
