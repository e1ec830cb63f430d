<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\FormRequirement;
use Juramen\Audit\Reach;
use Juramen\Audit\Reading;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Points\FormKind;
use Juramen\Wording\Found;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Words\WordClass;

/** Health, belief and the like are asked for or used only on a ground of GDPR Art. 9(2). */
final class SpecialData extends FormRequirement
{
    public function id(): string
    {
        return 'special-data';
    }

    public function title(): string
    {
        return 'Health, belief and the like have a ground of their own.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 9', SourceKind::Law);
    }

    public function reach(): Reach
    {
        return Reach::Words;
    }

    public function hears(): array
    {
        return [Meaning::HealthUsed];
    }

    public function judge(Reading $reading): array
    {
        if (! $reading->kind->asksForConsent()) {
            return $this->notApplicable('This form does not ask for consent.');
        }
        $findings = [];
        foreach ($reading->consents() as $control) {
            $used = $reading->listener()->first($control->label, Meaning::HealthUsed);
            if ($used !== null) {
                $findings[] = $this->finding(
                    Verdict::Open, "\"{$used->words->words}\": data of a special category are used.", $control->where, $used->words,
                    'Which ground of Art. 9(2) is it? Where none other is plain, ask for explicit consent to exactly that, with a control of its own.'
                );
            }
        }
        foreach ($reading->fields as $field) {
            $asked = $reading->listener()->find($field->label, WordClass::Health);
            if ($asked !== null) {
                $findings[] = $this->finding(
                    $this->isForAdvertisingOnly($reading) ? Verdict::Breach : Verdict::Open, "\"$field->label\" asks for data of a special category.",
                    $field->where, Found::all($field->label), 'Take the field away, or name the ground of Art. 9(2) on which it is asked.'
                );
            }
        }

        return $findings === [] ? $this->met('Nothing of a special category is asked for.') : $findings;
    }

    /** A church, a union or a party may have other grounds for its own people. */
    private function isForAdvertisingOnly(Reading $reading): bool
    {
        return $reading->kind === FormKind::Newsletter && ! $reading->listener()->speaksOf(ControllerNamed::titleAndName($reading), WordClass::OwnGround);
    }
}
