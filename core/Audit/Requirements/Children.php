<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\AskedField;
use Juramen\Audit\FormRequirement;
use Juramen\Audit\Reach;
use Juramen\Audit\Reading;
use Juramen\Audit\ReadingOf;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Points\FieldMeaning;
use Juramen\Wording\Frames\Meaning;

/** Where children are spoken to, their age is asked, and below it a parent. */
final class Children extends FormRequirement
{
    public function id(): string
    {
        return 'children';
    }

    public function title(): string
    {
        return 'Children are asked for their age, and their parents for consent.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 8', SourceKind::Law);
    }

    public function reach(): Reach
    {
        return Reach::Words;
    }

    public function hears(): array
    {
        return [Meaning::OfferedToChildren];
    }

    public function judge(Reading $reading): array
    {
        if (! $reading->isAboutConsent()) {
            return $this->notApplicable('This form does not ask for consent.');
        }
        $listener = $reading->listener();
        $offered = $listener->first($reading->text, Meaning::OfferedToChildren);
        $said = $reading->sheet?->forChildren === true;
        if ($offered === null && ! $said) {
            return $this->notApplicable('Nothing here is offered to children.');
        }
        $asked = $listener->hears($reading->text, Meaning::ParentAsked)
            || array_filter($reading->fields, static fn (AskedField $f): bool => $f->meaning === FieldMeaning::Birthday) !== [];

        return $asked ? $this->met('An age or a parent is asked for.', $reading->where, $offered?->words) : [$this->finding(
            $said || ($reading->of === ReadingOf::Page && $reading->around->whole) ? Verdict::Breach : Verdict::Open,
            'Children are spoken to, and neither an age nor a parent is asked for.', $reading->where, $offered?->words,
            'Ask the age and, below the age of the country, let a parent agree.'
        )];
    }
}
