<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Control;
use Juramen\Audit\FormRequirement;
use Juramen\Audit\Reach;
use Juramen\Audit\Reading;
use Juramen\Audit\Result;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Points\FormKind;
use Juramen\Register\LegalBasis;
use Juramen\Wording\Frames\Meaning;

/** The control asks for a yes: nobody has to tick in order not to be written to. */
final class AsksYesNotNo extends FormRequirement
{
    public function id(): string
    {
        return 'asks-yes-not-no';
    }

    public function title(): string
    {
        return 'A tick is a yes.';
    }

    public function source(): Source
    {
        return new Source('GDPR Recital 32; ICO consent guidance', SourceKind::Law);
    }

    public function reach(): Reach
    {
        return Reach::Words;
    }

    public function hears(): array
    {
        return [Meaning::AsksForNo, Meaning::NoMentioned];
    }

    public function judge(Reading $reading): array
    {
        $others = array_filter($reading->consents(), static fn (Control $c): bool => $c->refuses && ! $reading->isForCustomers($c));
        if ($reading->kind === FormKind::Order && $reading->consents() !== [] && $others === []) {
            return $this->notApplicable('A no offered with an order follows the rule for existing customers, which is judged by itself.');
        }

        return $this->eachConsent($reading, 'A tick is a yes.', function (Control $control) use ($reading): ?Result {
            $no = $control->refuses && $reading->basisOf($control) === LegalBasis::Consent
                ? $reading->listener()->first($control->label, Meaning::AsksForNo) : null;
            if ($no === null) {
                return $control->refuses ? null : $this->halfSaid(
                    $reading, $control, Meaning::NoMentioned, 'Does a tick mean yes here, and is that plain at once? If it means no, ask for a yes instead.'
                );
            }
            $customers = $reading->listener()->first($control->label, Meaning::SimilarGoods);

            return $customers === null && $no->whole
                ? $this->finding(
                    Verdict::Breach, $no->understood, $control->where, $no->words, 'Ask for a yes: "Yes, send me ...", with a box that starts empty.',
                    $this->askPlainly($reading, $control, $no->words)
                )
                : $this->finding(
                    Verdict::Open, $no->understood, $control->where, $no->words, $customers === null ? 'Does a tick mean no here? Then ask for a yes instead.'
                        : 'Did the address come from a sale, and are only own goods like those bought advertised? Otherwise ask for a yes.'
                );
        });
    }
}
