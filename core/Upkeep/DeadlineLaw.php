<?php

declare(strict_types=1);

namespace Juramen\Upkeep;

use Juramen\Canon\Day;
use Juramen\Register\Country;

/** Which law says how long an answer may take. */
enum DeadlineLaw: string
{
    case Gdpr = 'gdpr';
    case UkGdpr = 'uk-gdpr';
    case Pipeda = 'pipeda';
    case Fadp = 'fadp';
    /** None known to us: a month, as a caution. */
    case Unknown = 'unknown';

    public static function of(?Country $country): self
    {
        return match (true) {
            $country === null, $country->isInEea() => self::Gdpr,
            $country->code === 'GB' => self::UkGdpr,
            $country->code === 'CA' => self::Pipeda,
            $country->code === 'CH' => self::Fadp,
            default => self::Unknown,
        };
    }

    /** Whether more time can be taken, where the person is told so, with the reason, before the first is over. */
    public function canBeExtended(): bool
    {
        return $this !== self::Fadp && $this !== self::Unknown;
    }

    /** The day on which the time ends, before Sundays and holidays are looked at. */
    public function ends(Day $received, bool $extended): Day
    {
        $longer = $extended && $this->canBeExtended();

        return match ($this) {
            self::Gdpr, self::UkGdpr, self::Unknown => $received->plusMonths($longer ? 3 : 1),
            self::Pipeda, self::Fadp => $received->plus($longer ? 60 : 30),
        };
    }

    /** How long it gives, by a name for it. */
    public function term(): string
    {
        return match ($this) {
            self::Gdpr, self::UkGdpr => 'month',
            self::Pipeda => 'thirty-days',
            self::Fadp => 'thirty-days-only',
            self::Unknown => 'caution',
        };
    }

    /** @return list<int> days of the week on which no time ends, 7 being Sunday */
    public function restDays(): array
    {
        return $this === self::Pipeda ? [7] : [6, 7];
    }

    /** Where it says so. */
    public function source(): string
    {
        return match ($this) {
            self::Gdpr, self::Unknown => 'GDPR Art. 12(3)',
            self::UkGdpr => 'UK GDPR Art. 12(3)',
            self::Pipeda => 'PIPEDA s. 8(3)',
            self::Fadp => 'FADP Art. 25(7)',
        };
    }
}
