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
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Frames\Sense;
use Juramen\Wording\Listener;

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

    public function hears(): array
    {
        return [Meaning::PassedOn, Meaning::Profiled, Meaning::ShownToFit, Meaning::Pictured, Meaning::Transferred, Meaning::Surveyed];
    }

    public function judge(Reading $reading): array
    {
        return $this->eachConsent($reading, 'Each control covers one purpose, as far as its words say.', function (Control $control) use ($reading): ?Result {
            $listener = $reading->listener();
            $second = $this->second($control->label, $reading->listener());

            return $second === null ? null : $this->finding(
                $second->whole ? Verdict::Breach : Verdict::Open, 'One tick covers two purposes: being written to, and more. '.$second->understood,
                $control->where, $second->words, 'Ask for each with a control of its own.'
            );
        });
    }

    /** What a label asks for besides being written to; null where nothing is. */
    private function second(string $label, Listener $listener): ?Sense
    {
        $profiled = $listener->hears($label, Meaning::ShownToFit) ? [] : [Meaning::Profiled];
        $second = $listener->hears($label, Meaning::Sends) ? $listener->first($label, Meaning::Transferred, Meaning::Surveyed, ...$profiled) : null;
        // "Photos of me may be used in advertising": nothing comes of that to anybody.
        $shown = $second === null ? $listener->first($label, Meaning::Pictured) : null;
        if ($shown !== null && $listener->hears(str_replace($shown->words->words, '', $label), Meaning::Sends)) {
            return $shown;
        }

        return $second ?? ($listener->hears($label, Meaning::SendsBesides) ? $listener->first($label, Meaning::PassedOn) : null);
    }
}
