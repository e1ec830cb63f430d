<?php

declare(strict_types=1);

namespace Juramen\Register;

/** A country, or a group of them, whose law demands more than the others of whoever asks its people for consent. All recalled from memory. */
enum Regime: string
{
    case Germany = 'germany';
    case Austria = 'austria';
    case UnitedKingdom = 'united-kingdom';
    case Canada = 'canada';
    case RestOfEea = 'rest-of-eea';

    public function name(): string
    {
        return match ($this) {
            self::Germany => 'Germany',
            self::Austria => 'Austria',
            self::UnitedKingdom => 'the United Kingdom',
            self::Canada => 'Canada',
            self::RestOfEea => 'the rest of the EEA',
        };
    }

    /** @return list<Demand> */
    public function demands(): array
    {
        return match ($this) {
            self::Germany => [
                new Demand(
                    $this, Rule::DoubleOptIn, true, 'An email address is confirmed through that address before it is used.', 'BGH I ZR 164/09; UWG 7(2)'
                ),
                new Demand(
                    $this, null, null, 'The goods that are advertised are named; "offers" alone is no consent.', 'BGH VI ZR 721/15', 'from memory; less sure'
                ),
                new Demand($this, null, null, 'Consent to calls is documented and kept for five years from consent and each use.', 'UWG 7a'),
            ],
            self::Austria => [
                new Demand(
                    $this, Rule::DoubleOptIn, true, 'An email address is confirmed through that address before it is used.',
                    'Austrian data protection authority, 2019', 'from memory; less sure'
                ),
                new Demand($this, null, null, 'Calls and mails for advertising need consent beforehand, from companies too.', 'TKG 2021 s. 174'),
            ],
            self::UnitedKingdom => [
                new Demand(
                    $this, null, null,
                    'Existing customers may be written to about own similar goods where a no was offered at collection and is in each message.', 'PECR 22(3)'
                ),
                new Demand($this, null, null, 'Numbers are checked against the register of those who do not want calls.', 'PECR 21'),
            ],
            self::Canada => [
                new Demand(
                    $this, null, null,
                    'The request names who asks and for whom, a mailing address and one more contact, and says that consent can be withdrawn.',
                    'CASL s. 10; SOR/2012-36 s. 4'
                ),
                new Demand(
                    $this, null, null,
                    'Every message can be unsubscribed from, the confirmation mail too; it works for 60 days and is done within 10 business days.',
                    'CASL s. 6(2), 11'
                ),
                new Demand($this, null, null, 'Implied consent ends two years after a purchase, six months after an inquiry.', 'CASL s. 10'),
            ],
            self::RestOfEea => [
                new Demand(
                    $this, null, null, 'Mail, SMS and automatic calls for advertising need consent beforehand, existing customers apart.',
                    'Directive 2002/58/EC Art. 13(1), 13(2)'
                ),
            ],
        };
    }
}
