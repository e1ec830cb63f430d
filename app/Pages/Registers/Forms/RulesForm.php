<?php

declare(strict_types=1);

namespace App\Pages\Registers\Forms;

use App\Pages\Controls\Choice;
use App\Pages\Controls\Line;
use App\Pages\Controls\Option;
use App\Pages\Controls\Several;
use App\Queries\Registers\SheetOnFile;
use Juramen\Points\Sentences;
use Juramen\Register\Channel;
use Juramen\Register\Country;
use Juramen\Register\HouseRules;
use Juramen\Register\Language;
use Juramen\Register\Regime;
use Juramen\Register\Retention;
use Juramen\Register\Rule;

/** The controls of the house rules. */
final readonly class RulesForm
{
    private const OLDEST = 18;

    /**
     * @param  list<ChannelRefresh>  $refresh
     * @param  list<CountryAge>  $near  countries from which any sheet's visitors come
     * @param  list<CountryAge>  $far
     * @param  list<RegimeRow>  $regimes
     */
    private function __construct(
        public Choice $doubleOptIn,
        public bool $confirms,
        public Choice $lapse,
        public Choice $reminder,
        public Choice $screening,
        public Choice $held,
        public Choice $enquiry,
        public Choice $network,
        public Choice $gifts,
        public Line $hosts,
        public Several $languages,
        public Choice $unknown,
        public array $refresh,
        public Choice $withdrawn,
        public Choice $fourEyes,
        public array $near,
        public array $far,
        public array $regimes,
    ) {}

    /** @param  list<SheetOnFile>  $sheets */
    public static function of(HouseRules $rules, array $sheets): self
    {
        $points = $rules->points;
        $tags = array_map(static fn (Language $l): string => $l->value, $rules->languages);
        $names = array_map(static fn (Language $l): string => $l->endonym(), $rules->languages);
        $kept = static fn (Retention $what, string $label, array $some): Choice => new Choice(
            "retention-days/{$what->value}", $label, Months::days($some, $rules->daysKept($what))
        );
        $asked = array_merge([], ...array_map(static fn (SheetOnFile $s): array => array_map(strval(...), $s->draft->countries), $sheets));
        $near = array_values(array_filter(Country::choices(), static fn (Country $c): bool => in_array($c->code, $asked, true)));
        $far = array_values(array_filter(Country::choices(), static fn (Country $c): bool => ! in_array($c->code, $asked, true)));
        $age = static fn (Country $c): CountryAge => new CountryAge($c->name(), $c->childAgeRemark(), new Choice("child-ages/{$c->code}", "Age in {$c->name()}",
            Months::of(range($c->childAge(), self::OLDEST), $rules->childAge($c), strval(...))));

        return new self(
            Choice::yesNo('double-opt-in', 'What happens to whoever ticks', $points->doubleOptIn, 'gets a confirmation mail', 'is signed up at once'),
            $points->doubleOptIn,
            new Choice('lapse-days', 'Days to confirm', Months::days([1, 2, 3, 5, 7, 10, 14, 21, 30], $points->lapseDays)),
            new Choice('reminder-days', 'Reminder', Months::of([0, 1, 2, 3, 4, 5], $points->reminderDays, static fn (int $d): string => match ($d) {
                0 => 'nobody is reminded',
                1 => 'we remind once after 1 day',
                default => "we remind once after $d days",
            })),
            Choice::yesNo('screening', 'Screening', $points->screening, 'screened', 'not screened'),
            $kept(Retention::Held, 'Days for held submissions', [3, 7, 14, 21, 30]), $kept(Retention::Enquiry, 'Days for enquiries', [30, 90, 180, 365, 730]),
            Choice::yesNo('keep-network', 'What is kept of the visitor', $points->keepNetwork, 'a truncated network address', 'nothing'),
            Choice::yesNo(
                'gift-without', 'Gifts', $points->giftWithout, 'given also to whoever agrees to nothing', 'given for agreeing alone, and the words say so'
            ),
            new Line('hosts', 'Hosts to which forms may lead people', implode(', ', $rules->hosts()), 'none', needed: false),
            new Several('languages', 'Languages demanded', $names === [] ? 'whatever language its sheet says' : Sentences::listed($names),
                array_map(static fn (Language $l): Option => new Option($l->value, $l->endonym(), in_array($l->value, $tags, true)), Language::cases())),
            Choice::yesNo(
                'unknown-is-strict', 'Unknown regions', $rules->unknownIsStrict, 'what the strictest place demands',
                'what the house says, whatever their own law'
            ),
            array_map(static fn (Channel $c): ChannelRefresh => new ChannelRefresh($c->value, new Choice(
                "refresh-months/{$c->value}", "Refresh period by {$c->value}", Months::options([6, 12, 18, 24, 36, 48, 60], $rules->refreshMonths($c))
            )), Channel::cases()),
            $kept(Retention::Withdrawn, 'Days after the last permission', [180, 365, 730, 1095, 1825]),
            Choice::yesNo('four-eyes', 'Four eyes', $rules->fourEyes, 'somebody who did not write them', 'any officer, their own drafts too'),
            array_map($age, $near), array_map($age, $far), self::regimes(),
        );
    }

    /** @return list<RegimeRow> */
    private static function regimes(): array
    {
        $rows = [];
        foreach (Regime::cases() as $regime) {
            foreach ($regime->demands() as $i => $demand) {
                $sets = $demand->rule instanceof Rule ? 'Sets '.strtolower($demand->rule->title()).'.' : '';
                $rows[] = new RegimeRow($i === 0 ? ucfirst($regime->name()) : '', $demand->says, $sets, $demand->source, $demand->sure());
            }
        }

        return $rows;
    }
}
