<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Control;
use Juramen\Audit\FormRequirement;
use Juramen\Audit\Reach;
use Juramen\Audit\Reading;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Points\FormKind;
use Juramen\Register\LegalBasis;
use Juramen\Wording\Found;
use Juramen\Wording\Frames\Meaning;

/**
 * Where the rule for existing customers stands in for consent: an address from a sale, own similar goods, a no offered at
 * collection without cost. What only the seller knows (what is advertised, what later mails say) is for a person.
 */
final class ExistingCustomer extends FormRequirement
{
    public function id(): string
    {
        return 'existing-customer';
    }

    public function title(): string
    {
        return 'The rule for existing customers is kept where it is used.';
    }

    public function source(): Source
    {
        return new Source('Directive 2002/58/EC Art. 13(2); UWG 7(3); PECR 22(3)', SourceKind::Law);
    }

    public function reach(): Reach
    {
        return Reach::Statement;
    }

    public function judge(Reading $reading): array
    {
        foreach ($reading->consents() as $control) {
            if (! $this->isUsed($reading, $control)) {
                continue;
            }
            $missing = array_values(array_filter([
                $reading->listener()->hears($control->label.' '.$reading->text, Meaning::SimilarGoods) ? null : 'that only own similar goods are advertised',
                $reading->listener()->hears($reading->text, Meaning::CanEnd, Meaning::CanObject) ? null : 'that one can object at any time, at no more than the basic rate',
            ]));
            if ($missing !== []) {
                return [
                    $this->finding(
                        Verdict::Breach, 'The form uses the rule for existing customers and does not say '.implode(', nor ', $missing).'.', $control->where,
                        Found::all($control->label), 'Say it beside the box, or ask for consent instead.'
                    ),
                ];
            }

            return [
                $this->finding(
                    Verdict::Open, 'The form uses the rule for existing customers.', $control->where, Found::all($control->label),
                    'Are only own goods like those bought advertised, and does every mail offer the no again?'
                ),
            ];
        }

        return $this->notApplicable('The rule for existing customers is not used here.');
    }

    /** Said in the registers; on a foreign order form, a no offered by the seller. */
    private function isUsed(Reading $reading, Control $control): bool
    {
        return $reading->sheet !== null ? $reading->basisOf($control) === LegalBasis::ExistingCustomer : $reading->kind === FormKind::Order
            && $control->refuses;
    }
}
