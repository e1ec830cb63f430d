<?php

declare(strict_types=1);

namespace Juramen\Upkeep;

use Juramen\Canon\Day;
use Juramen\Register\Country;

/**
 * The last day on which a request can be answered in time.
 *
 * EEA and United Kingdom: one month from receipt, two further months where that is said within the first (GDPR and UK GDPR, Art. 12(3)). The day
 * of receipt does not count; the month ends with the same date, or with its last day where it has none; a last day that is a Saturday, a Sunday
 * or a public holiday gives way to the next working day (Regulation 1182/71, Art. 3(1), (2)(c) and (4); EDPB Guidelines 01/2022).
 * Canada: thirty days, thirty further ones (PIPEDA, s. 8(3) and (4)); a Sunday or holiday gives way (Interpretation Act, s. 26). Switzerland:
 * thirty days (FADP, Art. 25(7)), and no further ones that we count on. The latter two from memory. Elsewhere a month, as a caution.
 */
final readonly class AnswerDeadline
{
    private function __construct(
        public Day $received,
        /** The day on which the time given by law ends, working day or not. */
        public Day $ends,
        /** The day until which an answer is in time. */
        public Day $due,
        public DeadlineLaw $law,
        /** Whether public holidays were looked at; where not, it may end later than is said here. */
        public bool $holidaysKnown,
    ) {}

    /**
     * @param  Day  $received  in the zone of whoever answers
     * @param  Country|null  $country  where the controller has its seat; null where nobody has said
     * @param  bool  $extended  whether the person was told in time, with the reason, that it takes longer
     */
    public static function of(Day $received, ?Country $country, bool $extended = false): self
    {
        $law = DeadlineLaw::of($country);
        $holidays = PublicHolidays::in($country);
        $due = $ends = $law->ends($received, $extended);
        while (in_array($due->weekday(), $law->restDays(), true) || $holidays->has($due)) {
            $due = $due->plus(1);
        }

        return new self($received, $ends, $due, $law, $holidays->areKnown());
    }

    public function moved(): bool
    {
        return ! $this->ends->equals($this->due);
    }
}
