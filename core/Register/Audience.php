<?php

declare(strict_types=1);

namespace Juramen\Register;

/** Where the people come from who are asked. Where nobody knows, the strictest place decides, unless the house says otherwise. */
final readonly class Audience
{
    /** Ends of addresses, and the countries that have duties of their own. */
    private const TOLD = ['de' => 'DE', 'at' => 'AT', 'uk' => 'GB', 'ca' => 'CA'];

    /** How postal addresses and telephone numbers end or begin in them: "24103 Kiel" behind a street, "A-1010 Wien", "Halifax NS B3J 1A1". */
    private const SEATS = [
        'AT' => '~\bA[-–]\d{4}\s\p{Lu}|\+43[\s(/\d]|\b\d{4}\s(?:Wien|Graz|Linz|Salzburg|Innsbruck)\b~u',
        'DE' => '~(?:[Ss]tr(?:aße|\.)|weg|platz|allee|gasse|ufer|hof|markt|damm)\s\d+\s?[a-z]?\s?[,·|\n]\s?(?:D[-–]\s?)?\d{5}\s\p{Lu}'
            .'|\bD[-–]\s?\d{5}\s\p{Lu}|\+49[\s(/\d]~u',
        'CA' => '~\b(?:ON|QC|NS|NB|BC|AB|MB|SK|PE|NL)\s+[ABCEGHJ-NPRSTVXY]\d[A-Z]\s?\d[A-Z]\d\b~',
    ];

    /** @param  list<Country>  $countries  empty where unknown */
    private function __construct(public array $countries, private bool $unknownIsStrict) {}

    /** @param  list<Country>  $countries  empty where unknown */
    public static function from(array $countries, bool $unknownIsStrict = true): self
    {
        return new self($countries, $unknownIsStrict);
    }

    /**
     * Of a page that somebody else serves: its address tells the country where its domain is one of a country, and else nothing that
     * a duty could be founded on.
     */
    public static function ofAddress(string $url): self
    {
        $host = $url === '' ? '' : (string) parse_url($url, PHP_URL_HOST);
        foreach ($host === '' ? [] : self::TOLD as $end => $code) {
            if (str_ends_with($host, ".$end")) {
                return new self([Country::parse($code)], false);
            }
        }

        return new self([], false);
    }

    /** Of a page whose words say for which country they are written ("en-CA"), where its address does not tell. */
    public function orSpokenTo(string $region): self
    {
        $code = $region === '' ? null : array_values(array_filter(self::TOLD, static fn (string $code): bool => strcasecmp($code, $region) === 0))[0] ?? null;

        return $this->countries !== [] || $code === null ? $this : new self([Country::parse($code)], $this->unknownIsStrict);
    }

    /**
     * Of a page that says where whoever asks has their seat, where neither its address nor its language tells the country: people there are asked
     * before any others.
     *
     * @param  string  $words  of the page, its imprint among them
     */
    public function orSeatedAt(string $words): self
    {
        foreach ($this->countries !== [] ? [] : self::SEATS as $code => $seat) {
            if (preg_match($seat, $words) === 1) {
                return new self([Country::parse($code)], $this->unknownIsStrict);
            }
        }

        return $this;
    }

    public function isKnown(): bool
    {
        return $this->countries !== [];
    }

    /** Whether what a regime demands is to be kept. */
    public function isUnder(Regime $regime): bool
    {
        return in_array($regime, $this->regimes(), true);
    }

    /** @return list<Regime> */
    public function regimes(): array
    {
        if ($this->countries === []) {
            return $this->unknownIsStrict ? Regime::cases() : [];
        }
        $held = array_map(static fn (Country $c): ?Regime => $c->regime(), $this->countries);

        return array_values(array_filter(Regime::cases(), static fn (Regime $regime): bool => in_array($regime, $held, true)));
    }
}
