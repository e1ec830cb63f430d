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
use Juramen\Wording\Topic;

/** One control does not cover a controller's own news and the passing on of the address. */
final class OnePurposeEach extends FormRequirement
{
    public function id(): string
    {
        return 'one-purpose-each';
    }

    public function title(): string
    {
        return 'One control, one purpose.';
    }

    public function source(): Source
    {
        return new Source('GDPR Recitals 32, 43; EDPB Guidelines 05/2020', SourceKind::Law);
    }

    public function reach(): Reach
    {
        return Reach::Words;
    }

    public function judge(Reading $reading): array
    {
        return $this->eachConsent($reading, 'Each control covers one purpose, as far as its words say.', function (Control $control) use ($reading): ?Result {
            $passes = $reading->find(Topic::PassesOn, $control->label);

            return $passes === null || ! $this->asksForMoreThan($passes->words, $control->label, $reading) ? null
                : $this->finding(
                    Verdict::Breach, 'One tick covers two purposes: being written to, and passing the address on.', $control->where, $passes,
                    'Ask for each with a control of its own.'
                );
        });
    }

    private function asksForMoreThan(string $words, string $label, Reading $reading): bool
    {
        // What the others may do with the address belongs to passing it on.
        $rest = preg_replace(
            '~'.preg_quote($words, '~').'(?:[,;]?\s+(?:so|to|who|which|that|damit|die|um|pour|qui|afin|så|för att|som|der|for at)\b[^.]*)?~u', ' ', $label
        );

        return $reading->speaksOf(Topic::Marketing, (string) $rest);
    }
}
