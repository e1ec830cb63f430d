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

    public function hears(): array
    {
        return [Meaning::SimilarGoods];
    }

    public function judge(Reading $reading): array
    {
        $told = $reading->toldToCustomers();
        $relying = $told === null ? array_filter($reading->consents(), $reading->isForCustomers(...))
            : [Control::ofWords($reading->where, $told->words->words)];
        foreach ($relying as $control) {
            $listener = $reading->listener();
            $similar = $listener->hears($control->label.' '.$reading->text, Meaning::SimilarGoods);
            $objection = $listener->hears($reading->text, Meaning::CanEnd, Meaning::CanObject);
            if (! $objection && ObjectionHighlighted::isDemandedAtOnce($reading)) {
                return [
                    $this->finding(
                        Verdict::Breach,
                        'The form uses the rule for existing customers and does not say that one can object at any time, at no more than the basic rate.',
                        $control->where, Found::all($control->label), 'Say it with these words, or ask for consent instead.'
                    ),
                ];
            }
            if ($told !== null && ! $objection) {
                return [
                    $this->finding(
                        Verdict::Breach, 'Customers are written to about goods like those bought, and nobody can say no when the address is given.',
                        $control->where, Found::all($control->label),
                        'Offer a no right there, at no cost, and say that each mail offers it again; or ask for consent.'
                    ),
                ];
            }
            if (! $similar || ! $objection) {
                $missing = implode(', nor ', array_filter([
                    $similar ? '' : 'that only own similar goods are advertised', $objection ? '' : 'that one can object at any time',
                ]));

                return [
                    $this->finding(
                        Verdict::Open, "The form uses the rule for existing customers and does not say $missing.", $control->where, Found::all($control->label),
                        'Does the address come from a sale, are only own goods like those bought advertised, and is the right to object told at the latest with the '
                            .'first message?'
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
}
