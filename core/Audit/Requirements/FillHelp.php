<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\FormRequirement;
use Juramen\Audit\PageInput;
use Juramen\Audit\Reading;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Points\FieldMeaning;
use Juramen\Wording\Words\WordClass;

/** Fields for details of the person carry the token by which browsers and helpers know them. Fields of other kinds are not asked for one. */
final class FillHelp extends FormRequirement
{
    public function id(): string
    {
        return 'fill-help';
    }

    public function title(): string
    {
        return 'Browsers can help to fill in what is personal.';
    }

    public function source(): Source
    {
        return new Source('WCAG 2.2, 1.3.5', SourceKind::Guide);
    }

    public function judgesUnread(): bool
    {
        return true;
    }

    public function judge(Reading $reading): array
    {
        $page = $reading->page;
        $asked = array_values(array_filter($page->inputs ?? [], static fn (PageInput $i): bool => self::tokens($i->meaning) !== []
            && ! $reading->listener()->speaksOf(
                $i->label, WordClass::FieldFriend, WordClass::FieldAge, WordClass::FieldPlace, WordClass::FieldThing, WordClass::Child, WordClass::Parent
            )));
        if ($page === null || $asked === [] || ! $reading->collects()) {
            return $this->notApplicable($page === null ? 'Our own forms carry these tokens.' : 'Nothing on it is of a kind that browsers fill in.');
        }
        $missing = array_values(array_filter($asked, static fn (PageInput $i): bool => array_intersect($i->tokens, self::tokens($i->meaning)) === []));
        if ($missing === []) {
            return $this->met('Browsers know what belongs where.', $asked[0]->where);
        }
        $token = self::tokens($missing[0]->meaning)[0];

        return [$this->finding(
            Verdict::Weakness, count($missing) === 1 ? "\"{$missing[0]->label}\" does not say to browsers what belongs there."
                : count($missing).' fields do not say to browsers what belongs there, "'.$missing[0]->label.'" among them.', $missing[0]->where, null,
            "Write autocomplete=\"$token\" there, and the like on the others."
        )];
    }

    /** @return list<string> autofill tokens of the HTML Standard that fit a field */
    private static function tokens(FieldMeaning $meaning): array
    {
        return match ($meaning) {
            FieldMeaning::Email => ['email'],
            FieldMeaning::Phone => ['tel', 'tel-national', 'tel-local', 'tel-country-code', 'tel-area-code', 'tel-extension'],
            FieldMeaning::Name => ['name', 'given-name', 'family-name', 'additional-name', 'nickname', 'honorific-prefix'],
            FieldMeaning::Postal => ['street-address', 'address-line1', 'address-line2', 'address-line3', 'address-level1', 'address-level2', 'postal-code'],
            FieldMeaning::Birthday => ['bday', 'bday-day', 'bday-month', 'bday-year'],
            default => [],
        };
    }
}
