<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\FormRequirement;
use Juramen\Audit\JudgedBy;
use Juramen\Audit\Reach;
use Juramen\Audit\Reading;
use Juramen\Audit\ReadingOf;
use Juramen\Audit\Result;
use Juramen\Audit\Selector;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Canon\Place;
use Juramen\Wording\Found;
use Juramen\Wording\Frames\Meaning;

/** Where opens and clicks of mails are measured, the form says so, and asks where it stores or reads on the device. */
final class TrackingSaid extends FormRequirement
{
    public function id(): string
    {
        return 'tracking-said';
    }

    public function title(): string
    {
        return 'Measuring of opens and clicks is said.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 13(1)(c); Directive 2002/58/EC Art. 5(3)', SourceKind::Law);
    }

    public function judgedBy(): JudgedBy
    {
        return JudgedBy::Records;
    }

    public function reach(): Reach
    {
        return Reach::Words;
    }

    public function hears(): array
    {
        return [Meaning::Measured];
    }

    public function judge(Reading $reading): array
    {
        if ($reading->sheet === null) {
            $listener = $reading->listener();
            foreach ($reading->of === ReadingOf::Page ? $reading->asked() : [] as $control) {
                $within = $listener->first($control->label, Meaning::Measured);
                if ($within !== null && $listener->hears($control->label, Meaning::Sends)) {
                    return [$this->withinOther($control->where, $within->words)];
                }
            }
            $said = $listener->first($reading->text, Meaning::Measured);

            return $said === null ? $this->notApplicable('Whether mails are measured cannot be seen in words.')
                : $this->met($said->understood, $reading->where, $said->words);
        }
        $measured = array_values(array_filter($reading->sheet->statements, static fn ($s): bool => $s->measures));
        if ($measured === []) {
            return $this->notApplicable('The registers say that nothing is measured.');
        }
        $said = $reading->listener()->first($reading->text, Meaning::Measured)?->words;
        $other = array_filter($reading->sheet->statements, static fn ($s): bool => ! $s->measures);
        // Reading on the device needs a yes of its own (Art. 5(3)): said within what is agreed to besides, it is not asked for.
        $besides = $said !== null && $other === [] && $reading->listener()->hears($reading->text, Meaning::Sends);
        if ($besides) {
            return [$this->withinOther($measured[0]->where, $said)];
        }

        return $said !== null ? $this->met('It is said that mails are measured.', $reading->where, $said)
            : [
                $this->finding(
                    Verdict::Breach, 'Opens and clicks are measured for this purpose, and the words do not say so.', $measured[0]->where, null,
                    'Say it and ask for it with a control of its own: "You may measure which links in your mails I open ...", or measure nothing.'
                ),
            ];
    }

    private function withinOther(Place|Selector $where, Found $said): Result
    {
        return $this->finding(
            Verdict::Open, 'Measuring is said within the words of something else; where it reads on the device it needs a yes of its own.', $where, $said,
            'Does it store or read anything on the device, such as by a picture that is loaded? Then ask with a control of its own.'
        );
    }
}
