<?php

declare(strict_types=1);

namespace Juramen\Points\Fields;

use Juramen\Points\AnswerRefused;
use Juramen\Points\Field;
use Juramen\Points\FieldKind;
use Juramen\Points\FieldMeaning;
use Juramen\Points\Typed;
use Juramen\Register\Channel;
use Juramen\Register\Country;
use libphonenumber\NumberParseException;
use libphonenumber\PhoneNumber;
use libphonenumber\PhoneNumberFormat;
use libphonenumber\PhoneNumberUtil;

/**
 * A phone number, typed as people write it where visitors come from, or with the code of its country. Kept as E.164. A number that no
 * numbering plan knows is taken where it could be one: plans change, and whoever is turned away is not heard of again.
 */
final readonly class PhoneField implements FieldKind
{
    use LineInput {
        read as private line;
    }

    /** Digits without the country's code below which nothing that a plan does not know is a number. */
    private const SHORTEST = 8;

    private const SPOKEN = ['en' => 'GB', 'de' => 'DE', 'fr' => 'FR', 'sv' => 'SE', 'da' => 'DK'];

    public function id(): string
    {
        return 'phone';
    }

    public function meaning(): FieldMeaning
    {
        return FieldMeaning::Phone;
    }

    public function reaches(Channel $channel): bool
    {
        return $channel->isByNumber();
    }

    public function read(Field $field, Typed $typed): string
    {
        $text = $this->line($field, $typed);
        if ($text === '') {
            return '';
        }
        $phones = PhoneNumberUtil::getInstance();
        $could = null;
        foreach ([...self::likeliest($typed), null] as $country) {
            $number = self::parsed($phones, $text, $country);
            if ($number !== null && $phones->isValidNumber($number)) {
                return $phones->format($number, PhoneNumberFormat::E164);
            }
            $known = $number !== null && $phones->isPossibleNumber($number);
            $could ??= $known && strlen($phones->getNationalSignificantNumber($number)) >= self::SHORTEST ? $number : null;
        }

        return $could === null ? throw new AnswerRefused('field.phone') : $phones->format($could, PhoneNumberFormat::E164);
    }

    /** @return list<string> codes of countries: the one that the person names, the one where most speak the form's language, others that visitors come from */
    private static function likeliest(Typed $typed): array
    {
        $codes = array_map(static fn (Country $c): string => $c->code, $typed->countries);

        $declared = $typed->declared === null ? [] : [$typed->declared->code];

        return array_values(array_unique([...$declared, ...array_intersect([self::SPOKEN[$typed->language->value]], $codes), ...$codes]));
    }

    private static function parsed(PhoneNumberUtil $phones, string $text, ?string $country): ?PhoneNumber
    {
        try {
            return $phones->parse($text, $country);
        } catch (NumberParseException) {
            return null;
        }
    }

    private function type(): string
    {
        return 'tel';
    }

    private function autofill(): string
    {
        return 'tel';
    }

    private function longest(): int
    {
        return 30;
    }
}
