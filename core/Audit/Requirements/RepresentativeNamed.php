<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\FormRequirement;
use Juramen\Audit\JudgedBy;
use Juramen\Audit\Reading;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Register\Country;

/** A controller outside the Union, or outside the United Kingdom, that asks people there names its representative. */
final class RepresentativeNamed extends FormRequirement
{
    private const KINGDOM = 'GB';

    public function id(): string
    {
        return 'representative-named';
    }

    public function title(): string
    {
        return 'A controller from outside names its representative.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 27, 13(1)(a); UK GDPR Art. 27', SourceKind::Law);
    }

    public function judgedBy(): JudgedBy
    {
        return JudgedBy::Records;
    }

    public function judge(Reading $reading): array
    {
        $controller = $reading->sheet?->controller;
        $seat = $controller?->country;
        if ($controller === null || $seat === null || ! $reading->collects()) {
            return $this->notApplicable($controller === null ? 'Where a controller sits cannot be seen on a form.' : 'Nobody has said where the controller sits.');
        }
        $abroad = self::abroad($reading->audience->countries, $seat);
        if ($abroad === null) {
            return $this->notApplicable('The controller sits where the people are whom it asks, or nobody has said where they are.');
        }

        return $controller->representative !== '' ? $this->met("Its representative is on record: {$controller->representative}.") : [$this->finding(
            Verdict::Breach, "The controller sits in {$seat->name()} and asks people in $abroad; no representative is on record.", $reading->where, null,
            'Name the representative on the controller\'s record; occasional use may be excepted by Art. 27(2).'
        )];
    }

    /**
     * @param  list<Country>  $countries
     * @return string|null where people are asked and the controller does not sit; null where it does
     */
    private static function abroad(array $countries, Country $seat): ?string
    {
        $inUnion = array_filter($countries, static fn (Country $c): bool => $c->isInEea());
        $inKingdom = array_filter($countries, static fn (Country $c): bool => $c->code === self::KINGDOM);

        return match (true) {
            $inUnion !== [] && ! $seat->isInEea() => 'the EEA',
            $inKingdom !== [] && $seat->code !== self::KINGDOM => 'the United Kingdom',
            default => null,
        };
    }
}
