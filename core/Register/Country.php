<?php

declare(strict_types=1);

namespace Juramen\Register;

use Juramen\Canon\DraftRefusal;
use Juramen\Canon\Refused;
use Locale;
use Stringable;

/** A country by its ISO 3166-1 code, with what its law says of whoever asks its people for consent. National laws are recalled from memory. */
final readonly class Country implements Stringable
{
    private const EEA = [
        'AT', 'BE', 'BG', 'CY', 'CZ', 'DE', 'DK', 'EE', 'ES', 'FI', 'FR', 'GR', 'HR', 'HU', 'IE', 'IS', 'IT', 'LI', 'LT', 'LU', 'LV', 'MT', 'NL', 'NO', 'PL',
        'PT', 'RO', 'SE', 'SI', 'SK',
    ];

    /** Ages from which a child consents alone, where they are below the 16 of GDPR Art. 8(1). */
    private const AGES = [
        'AT' => 14, 'BE' => 13, 'BG' => 14, 'CY' => 14, 'CZ' => 15, 'DK' => 15, 'EE' => 13, 'ES' => 14, 'FI' => 13, 'FR' => 15, 'GB' => 13, 'GR' => 15,
        'IS' => 13, 'IT' => 14, 'LT' => 14, 'LV' => 13, 'MT' => 13, 'NO' => 13, 'PT' => 13, 'SE' => 13, 'SI' => 15, 'CA' => 14,
    ];

    /** Without a regime of ours, but asked from often enough to stand in a list of choices. */
    private const NEAR = ['US', 'AU', 'NZ', 'JP'];

    private function __construct(public string $code) {}

    /** @throws Refused unless given two capital letters */
    public static function parse(string $code): self
    {
        return preg_match('/^[A-Z]{2}$/D', $code) === 1 ? new self($code) : throw Refused::because(DraftRefusal::NotACountry, given: $code);
    }

    /** Null where nobody has said which. */
    public static function find(string $code): ?self
    {
        return $code === '' ? null : self::parse($code);
    }

    /**
     * Those to choose from, by name: with a regime, some neighbours, and whatever is chosen already.
     *
     * @param  list<self>  $chosen
     * @return list<self>
     */
    public static function choices(array $chosen = []): array
    {
        $codes = array_unique([...self::EEA, 'GB', 'CH', 'CA', ...self::NEAR, ...array_map(static fn (self $c): string => $c->code, $chosen)]);
        $countries = array_map(static fn (string $code): self => new self($code), array_values($codes));
        usort($countries, static fn (self $a, self $b): int => $a->name() <=> $b->name());

        return $countries;
    }

    public function name(): string
    {
        return (string) Locale::getDisplayRegion('-'.$this->code, 'en');
    }

    /** The regime that holds there; null where none of ours does. */
    public function regime(): ?Regime
    {
        return match (true) {
            $this->code === 'DE' => Regime::Germany,
            $this->code === 'AT' => Regime::Austria,
            $this->code === 'GB' => Regime::UnitedKingdom,
            $this->code === 'CH' => Regime::Switzerland,
            $this->code === 'CA' => Regime::Canada,
            $this->isInEea() => Regime::RestOfEea,
            default => null,
        };
    }

    public function isInEea(): bool
    {
        return in_array($this->code, self::EEA, true);
    }

    /** Whether details may be kept there without a ground of their own: in the EEA. Adequacy (GDPR Art. 45) is a ground, and stands on record. */
    public function needsNoTransferGround(): bool
    {
        return $this->isInEea();
    }

    /** Years from which a child consents alone to an online service: what the country has set, or the 16 of GDPR Art. 8(1), elsewhere as a caution. */
    public function childAge(): int
    {
        return self::AGES[$this->code] ?? 16;
    }

    /** What is to be said of that age; empty where it is known as law. */
    public function childAgeRemark(): string
    {
        return match (true) {
            $this->code === 'NO' => '15 is proposed there; less sure',
            $this->code === 'CA' => 'by the law of Quebec',
            ! $this->isInEea() && ! isset(self::AGES[$this->code]) => 'no age known to us; 16 as a caution',
            default => '',
        };
    }

    public function equals(self $other): bool
    {
        return $this->code === $other->code;
    }

    public function __toString(): string
    {
        return $this->code;
    }
}
