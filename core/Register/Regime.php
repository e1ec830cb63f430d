<?php

declare(strict_types=1);

namespace Juramen\Register;

/** A country, or a group of them, whose law demands more than the others of whoever asks its people for consent. All recalled from memory. */
enum Regime: string
{
    case Germany = 'germany';
    case Austria = 'austria';
    case UnitedKingdom = 'united-kingdom';
    case Switzerland = 'switzerland';
    case Canada = 'canada';
    case RestOfEea = 'rest-of-eea';

    private const PROOF = 'Consent to mail must be provable; confirmation through the address is the accepted proof.';

    public function name(): string
    {
        return match ($this) {
            self::Germany => 'Germany',
            self::Austria => 'Austria',
            self::UnitedKingdom => 'the United Kingdom',
            self::Switzerland => 'Switzerland',
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
                    $this, Rule::DoubleOptIn, true, self::PROOF, 'BGH I ZR 164/09; UWG 7(2)'
                ),
                new Demand(
                    $this, null, null, 'The goods or services that are advertised are named, and whose they are; "offers" alone is no consent.', 'BGH VI ZR 721/15',
                    'the decision'
                ),
                new Demand($this, null, null, 'Consumers\' consent to calls is documented and kept for five years from consent and each use.', 'UWG 7a'),
            ],
            self::Austria => [
                new Demand(
                    $this, Rule::DoubleOptIn, true, self::PROOF, 'GDPR Art. 32; Austrian data protection authority, 2019', 'the decision'
                ),
                new Demand(
                    $this, null, null, 'Calls and mails for advertising need consent beforehand, from companies too; existing customers apart, unless they stand'
                        .' on the list of those who want no mails.', 'TKG 2021 s. 174, 174(4); ECG s. 7(2)'
                ),
            ],
            self::UnitedKingdom => [
                new Demand(
                    $this, null, null,
                    'Existing customers may be written to about own similar goods where a no was offered at collection and is in each message.', 'PECR 22(3)'
                ),
                new Demand($this, null, null, 'Mail and SMS for advertising need consent beforehand, existing customers apart.', 'PECR 22(2)'),
                new Demand($this, null, null, 'Numbers are checked against the register of those who do not want calls.', 'PECR 21'),
            ],
            self::Switzerland => [
                new Demand(
                    $this, null, null, 'Mass mail needs consent beforehand, a true sender and a free way to refuse; own similar goods to existing customers apart.',
                    'UWG (CH) Art. 3(1)(o)'
                ),
                new Demand($this, null, null, 'Numbers marked in the directory as wanting no advertising are not called.', 'UWG (CH) Art. 3(1)(u)', 'this rule'),
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
