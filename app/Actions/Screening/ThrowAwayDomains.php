<?php

declare(strict_types=1);

namespace App\Actions\Screening;

/**
 * Domains of addresses to throw away: lines of a sorted file, of which only what is asked for is read. Domains that pass mail on to an inbox of
 * the person's own are none.
 */
final class ThrowAwayDomains
{
    /** Of domains whose subdomains are all such, the line begins so. */
    public const BELOW = '*.';

    public function __construct(private readonly string $file) {}

    public function has(string $domain): bool
    {
        $domain = strtolower($domain);
        if ($this->stands($domain)) {
            return true;
        }
        for ($above = $domain; ($dot = strpos($above, '.')) !== false && str_contains($above = substr($above, $dot + 1), '.');) {
            if ($this->stands(self::BELOW.$above)) {
                return true;
            }
        }

        return false;
    }

    /** Whether it is a line of the file, found by halving. */
    private function stands(string $line): bool
    {
        $file = @fopen($this->file, 'rb');
        if ($file === false) {
            return false;
        }
        try {
            [$low, $high] = [0, (int) (fstat($file)['size'] ?? 0)];
            while ($low < $high) {
                $middle = intdiv($low + $high, 2);
                fseek($file, $middle);
                // The line that begins at the middle or behind it.
                if ($middle > 0) {
                    fseek($file, $middle - 1);
                    fgets($file);
                }
                $read = fgets($file);
                $found = $read === false ? 1 : strcmp(rtrim($read, "\n"), $line);
                if ($found === 0) {
                    return true;
                }
                $found < 0 ? $low = (int) ftell($file) : $high = $middle;
            }

            return false;
        } finally {
            fclose($file);
        }
    }
}
