<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Closure;
use Juramen\Audit\Control;
use Juramen\Audit\ControlRole;
use Juramen\Audit\FormRequirement;
use Juramen\Audit\Mend;
use Juramen\Audit\Reach;
use Juramen\Audit\Reading;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Points\FormKind;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Frames\Sense;

/** How often, or how much, will be sent is said. */
final class RateSaid extends FormRequirement
{
    /** Two words, the first of which is none that stands before a day. */
    private const MORE_THAN_A_DAY = '~^(?!(?:by|on|at|bis|am|an|zum|pour|le|la|à|till|på|til|om)\s+\S+$)\S+\s~iu';

    public function id(): string
    {
        return 'rate-said';
    }

    public function title(): string
    {
        return 'How often is said.';
    }

    public function source(): Source
    {
        return new Source('good practice', SourceKind::Ours);
    }

    public function reach(): Reach
    {
        return Reach::Words;
    }

    public function hears(): array
    {
        return [Meaning::RateGiven];
    }

    public function judge(Reading $reading): array
    {
        if (! $reading->leadsToAdvertising()) {
            return $this->notApplicable('This form leads to no advertising.');
        }
        if ($reading->kind !== FormKind::Newsletter && $reading->asked() !== [] && array_filter($reading->asked(), $this->isSent($reading)) === []) {
            return $this->notApplicable('Nothing is sent to whoever agrees.');
        }
        // "When my parcel is on its way" says it of the parcel.
        $text = $reading->textBeside(static fn (Control $c): bool => $c->role === ControlRole::Technical);
        // "Yes, each month" may be an answer to be chosen, whose words stand nowhere until it is opened.
        $said = $this->inWords($reading, $text) ?? $this->inAnswers($reading)
            ?? self::saidInTheirs($reading, Meaning::RateGiven);
        if ($said !== null) {
            return $this->met($said->understood, null, $said->words);
        }

        return [
            $this->finding(
                Verdict::Weakness, 'It is not said how often something will be sent.', $reading->consents()[0]->where ?? $reading->where, null,
                'Say how often: "once a month", "at most twice a year".', $this->change($reading)
            ),
        ];
    }

    /** "Ironed by Friday", over an order, says nothing of what is sent: a day by itself counts there where something comes, or in words of a box. */
    private function inWords(Reading $reading, string $text): ?Sense
    {
        $listener = $reading->listener();
        if ($reading->kind === FormKind::Newsletter || ! $reading->of->isForm()) {
            return $listener->first($text, Meaning::RateGiven);
        }
        $labels = implode("\n", array_map(static fn (Control $c): string => $c->label, $reading->asked()));
        foreach ($listener->all($text, Meaning::RateGiven) as $said) {
            $words = $said->words->words;
            $lines = array_filter(explode("\n", $text), static fn (string $line): bool => str_contains($line, $words));
            $comes = static fn (string $line): bool => $line === $words || $listener->hears($line, Meaning::Sends, Meaning::TakenFromAct, Meaning::Announced);
            // "A cake a week" is the prize.
            $says = preg_match(self::MORE_THAN_A_DAY, $words) === 1 && $reading->kind !== FormKind::PrizeDraw;
            if ($says || str_contains($labels, $words) || array_filter($lines, $comes) !== []) {
                return $said;
            }
        }

        return null;
    }

    private function inAnswers(Reading $reading): ?Sense
    {
        $seen = array_filter($reading->asked(), static fn (Control $c): bool => $c->isLabelled);
        $labels = implode("\n", array_map(static fn (Control $c): string => $c->label, $seen));

        return $labels === '' ? null : $reading->listener()->first($labels, Meaning::RateGiven);
    }

    /** @return Closure(Control): bool whether something comes of a consent: pictures that are shown and profiles that are made come to nobody */
    private function isSent(Reading $reading): Closure
    {
        $listener = $reading->listener();

        return static function (Control $control) use ($listener): bool {
            $shown = $listener->first($control->label, Meaning::Pictured)?->words->words;

            return $listener->hears($shown === null ? $control->label : str_replace($shown, '', $control->label), Meaning::Sends)
                || ($shown === null && ! $listener->hears($control->label, Meaning::Profiled, Meaning::Measured));
        };
    }

    /** What the registers say of it. */
    private function change(Reading $reading): ?Mend
    {
        $statement = $reading->sheet->statements[0] ?? null;

        return $statement === null || $statement->rate === '' ? null : Mend::endFirstSentence("Say “{$statement->rate}”", $statement->where, '{rate}');
    }
}
