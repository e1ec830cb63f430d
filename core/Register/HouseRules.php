<?php

declare(strict_types=1);

namespace Juramen\Register;

use Juramen\Canon\Instant;

/** The organisation's defaults that every new signup point inherits, and what it demands of everybody who works here. */
final readonly class HouseRules
{
    /** Months after which consent by a channel is asked for again; our default (EDPB Guidelines 05/2020 recommend refreshing, without a number). */
    private const REFRESH = ['email' => 24, 'sms' => 24, 'phone' => 24, 'post' => 36, 'messaging' => 24];

    /** Days for which what is not consent, or no longer, is kept. */
    private const RETENTION = ['held' => 30, 'enquiry' => 180, 'withdrawn' => 1095];

    /**
     * @param  bool  $fourEyes  whether wording, rules and controllers are approved by somebody who did not write them
     * @param  list<Language>  $languages  in which every point must be offered; empty where none is demanded
     * @param  array<string, int>  $refreshMonths  channel to months, 1 to 60
     * @param  array<string, int>  $retentionDays  "held": submissions that screening kept; "enquiry": what people sent besides; "withdrawn": details after the last permission ended
     * @param  array<string, int>  $childAges  country to the age from which a child consents alone; 13 to 18, never below the country's own
     * @param  bool  $unknownIsStrict  whether visitors from nobody knows where get what the strictest place demands
     *
     * @throws InvalidRegister
     */
    public function __construct(
        public PointRules $points = new PointRules,
        public bool $fourEyes = true,
        public array $languages = [],
        public array $refreshMonths = self::REFRESH,
        public array $retentionDays = self::RETENTION,
        public array $childAges = [],
        public bool $unknownIsStrict = true,
    ) {
        foreach ($refreshMonths as $channel => $months) {
            if (Channel::tryFrom($channel) === null || $months < 1 || $months > 60) {
                throw new InvalidRegister("Consent by $channel is asked for again after 1 to 60 months, not $months.");
            }
        }
        foreach ($retentionDays as $kind => $days) {
            if (! isset(self::RETENTION[$kind]) || $days < 1 || $days > 3650) {
                throw new InvalidRegister("What is $kind is kept for 1 to 3650 days, not $days.");
            }
        }
        foreach ($childAges as $country => $age) {
            $least = Regime::childAge($country);
            if ($age < $least || $age > 18) {
                throw new InvalidRegister("In $country a child consents alone from $least to 18 years, not from $age.");
            }
        }
    }

    /** The age from which a child consents alone to an online service. Source: GDPR Art. 8(1) and the country's own law. */
    public function childAge(string $country): int
    {
        return $this->childAges[$country] ?? Regime::childAge($country);
    }

    /**
     * Until when details are kept after the last permission ended: as long as the purpose says, or, where it says nothing of its
     * own, the house.
     */
    public function keptUntil(?Purpose $purpose, Instant $ended): Instant
    {
        return $purpose === null || $purpose->retentionMonths === 0
            ? $ended->plusDays($this->retentionDays['withdrawn']) : Instant::of($ended->utc->modify("+{$purpose->retentionMonths} months"));
    }

    /** Months for which details are kept after the last permission ended, as people are told: begun months count whole. */
    public function monthsKept(Purpose $purpose): int
    {
        return $purpose->retentionMonths === 0 ? (int) ceil($this->retentionDays['withdrawn'] / 365.25 * 12) : $purpose->retentionMonths;
    }

    /** @param  array<string, mixed>  $data as toArray() gives it */
    public static function from(array $data): self
    {
        $map = static fn (string $key, array $default): array => array_map(
            static fn (mixed $n): int => is_int($n) ? $n : throw new InvalidRegister("The house rules give a number for each $key."),
            (is_array($data[$key] ?? null) ? $data[$key] : []) + $default,
        );

        return new self(
            PointRules::from($data),
            ($data['four-eyes'] ?? true) === true,
            array_map(static fn (mixed $tag): Language => Language::tryFrom(is_string($tag) ? $tag : '') ?? throw new InvalidRegister('The house demands a language we do not know.'), array_values((array) ($data['languages'] ?? []))),
            $map('refresh-months', self::REFRESH), $map('retention-days', self::RETENTION), $map('child-ages', []),
            ($data['unknown-is-strict'] ?? true) === true,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            ...$this->points->toArray(),
            'four-eyes' => $this->fourEyes,
            'languages' => array_map(static fn (Language $l): string => $l->value, $this->languages),
            'refresh-months' => $this->refreshMonths, 'retention-days' => $this->retentionDays, 'child-ages' => $this->childAges,
            'unknown-is-strict' => $this->unknownIsStrict,
        ];
    }
}
