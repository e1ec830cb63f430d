<?php

declare(strict_types=1);

namespace Juramen\Register;

use Juramen\Canon\Document;
use Juramen\Canon\Instant;
use Juramen\Canon\Slug;
use Juramen\Register\Schema\ChildAge;
use Juramen\Register\Schema\Item;
use Juramen\Register\Schema\Member;
use Juramen\Register\Schema\Number;
use Juramen\Register\Schema\Schema;
use Juramen\Register\Schema\Some;
use Juramen\Register\Schema\Text;
use Juramen\Register\Schema\TextForm;
use Juramen\Register\Schema\Writer;
use Juramen\Register\Schema\YesNo;

/** The organisation's defaults that every new signup point inherits, and what it demands of everybody who works here. */
final readonly class HouseRules implements Registered
{
    /**
     * @param  bool  $fourEyes  whether wording, rules and controllers are approved by somebody who did not write them
     * @param  list<Language>  $languages  in which every point must be offered; empty where none is demanded
     * @param  bool  $unknownIsStrict  whether visitors from nobody knows where get what the strictest place demands
     * @param  array<string, int>  $refreshMonths  channel to months, where it is not ours to start with
     * @param  array<string, int>  $retentionDays  what is kept to days, where it is not ours to start with
     * @param  string  $hosts  to which forms may lead people, a comma between
     * @param  array<string, int>  $childAges  country to the age from which a child consents alone, where it is not the country's own
     */
    private function __construct(
        public PointRules $points,
        public bool $fourEyes,
        public array $languages,
        public bool $unknownIsStrict,
        private array $refreshMonths,
        private array $retentionDays,
        private array $childAges,
        private string $hosts = '',
    ) {}

    /** Reads whatever was ever written; what is missing is ours to start with. */
    public static function from(Document $document): self
    {
        $map = static fn (string $of): array => array_filter($document->part($of)->toArray(), is_int(...));

        return new self(
            PointRules::from($document), $document->flag('four-eyes') ?? true,
            array_values(array_filter(array_map(Language::tryFrom(...), $document->names('languages')))),
            $document->flag('unknown-is-strict') ?? true, $map('refresh-months'), $map('retention-days'), $map('child-ages'),
            $document->text('hosts'),
        );
    }

    /** Ours to start with. */
    public static function toStartWith(): self
    {
        return self::from(Document::from([]));
    }

    public static function schema(): Schema
    {
        $rules = array_map(
            static fn (Rule $r): Member => new Member($r->value, lcfirst($r->title()), $r->type(), redraws: $r === Rule::DoubleOptIn || $r->isNumber()),
            Rule::cases()
        );

        return new Schema(Writer::Officer, [
            ...$rules,
            new Member('four-eyes', 'whether four eyes are demanded', new YesNo),
            new Member('unknown-is-strict', 'what holds for visitors from nobody knows where', new YesNo),
            new Member('hosts', 'the hosts to which forms may lead people', new Text(500, TextForm::Hosts)),
            new Member('languages', 'languages', new Some(array_column(Language::cases(), 'value')), redraws: true),
            new Member('refresh-months', 'the periods after which consent is asked for again', new Item),
            new Member('refresh-months/{channel}', 'the months after which consent is asked for again', new Number(1, 60)),
            new Member('retention-days', 'the times for which things are kept', new Item),
            ...array_map(
                static fn (Retention $r): Member => new Member("retention-days/{$r->value}", 'the days for which it is kept', new Number(1, 3650)),
                Retention::cases()
            ),
            new Member('child-ages', 'the ages from which a child consents alone', new Item),
            new Member('child-ages/{country}', 'the age from which a child consents alone', new ChildAge, redraws: true, mayGo: true),
        ]);
    }

    /** Months after which consent by a channel is asked for again; our default (EDPB Guidelines 05/2020 recommend refreshing, without a number). */
    public function refreshMonths(Channel $channel): int
    {
        return $this->refreshMonths[$channel->value] ?? ($channel === Channel::Post ? 36 : 24);
    }

    public function daysKept(Retention $what): int
    {
        return $this->retentionDays[$what->value] ?? $what->days();
    }

    /** The age from which a child consents alone to an online service. Source: GDPR Art. 8(1) and the country's own law. */
    public function childAge(Country $country): int
    {
        return $this->childAges[$country->code] ?? $country->childAge();
    }

    /** @return list<string> hosts to which forms may lead people */
    public function hosts(): array
    {
        return array_values(array_filter(array_map(trim(...), explode(',', mb_strtolower($this->hosts))), static fn (string $h): bool => $h !== ''));
    }

    /** Whether forms may lead people to an address: over HTTPS, to one of the hosts named. */
    public function allows(string $address): bool
    {
        $parts = parse_url($address);

        return is_array($parts) && ($parts['scheme'] ?? '') === 'https' && ! isset($parts['user']) && ! isset($parts['pass']) && ! isset($parts['port'])
            && in_array(mb_strtolower($parts['host'] ?? ''), $this->hosts(), true);
    }

    /** @param  list<Country>  $countries  empty where unknown */
    public function audience(array $countries): Audience
    {
        return Audience::from($countries, $this->unknownIsStrict);
    }

    /**
     * Until when details are kept after the last permission ended: as long as the purpose says, or, where it says nothing of its
     * own, the house.
     */
    public function keptUntil(?Purpose $purpose, Instant $ended): Instant
    {
        return $purpose === null || $purpose->retentionMonths === 0
            ? $ended->plusDays($this->daysKept(Retention::Withdrawn)) : Instant::of($ended->utc->modify("+{$purpose->retentionMonths} months"));
    }

    /** Months for which details are kept after the last permission ended, as people are told: begun months count whole. */
    public function monthsKept(Purpose $purpose): int
    {
        return $purpose->retentionMonths === 0 ? (int) ceil($this->daysKept(Retention::Withdrawn) / 365.25 * 12) : $purpose->retentionMonths;
    }

    public function recordName(): RecordName
    {
        return new RecordName(RecordKind::Rules, Slug::parse('house'));
    }

    public function title(): string
    {
        return 'House rules';
    }

    public function document(): Document
    {
        $all = [];
        foreach (Channel::cases() as $channel) {
            $all['refresh-months'][$channel->value] = $this->refreshMonths($channel);
        }
        foreach (Retention::cases() as $what) {
            $all['retention-days'][$what->value] = $this->daysKept($what);
        }

        return Document::from([
            ...$this->points->document()->toArray(), ...$all,
            'four-eyes' => $this->fourEyes,
            'languages' => array_map(static fn (Language $l): string => $l->value, $this->languages),
            'child-ages' => $this->childAges,
            'unknown-is-strict' => $this->unknownIsStrict, ...$this->hosts === '' ? [] : ['hosts' => $this->hosts],
        ]);
    }
}
