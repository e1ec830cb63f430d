<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Control;
use Juramen\Audit\ControlRole;
use Juramen\Audit\FormRequirement;
use Juramen\Audit\OtherInput;
use Juramen\Audit\Reach;
use Juramen\Audit\Reading;
use Juramen\Audit\ReadingOf;
use Juramen\Audit\Response;
use Juramen\Audit\Result;
use Juramen\Audit\Selector;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Points\FormKind;
use Juramen\Wording\Found;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Words\WordClass;

/** No consent control is answered beforehand; a preset no is fine. */
final class NoPresetAnswer extends FormRequirement
{
    public function id(): string
    {
        return 'no-preset-answer';
    }

    public function title(): string
    {
        return 'Nothing is answered before the visitor has answered it.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 4(11), Recital 32; CJEU C-673/17', SourceKind::Law);
    }

    public function reach(): Reach
    {
        return Reach::Words;
    }

    public function hears(): array
    {
        return [Meaning::TickedAlready];
    }

    public function judgesUnread(): bool
    {
        return true;
    }

    public function judge(Reading $reading): array
    {
        if ($reading->of === ReadingOf::Words || $reading->of === ReadingOf::Statement) {
            return $this->judgeWords($reading);
        }
        if ($reading->isUnread()) {
            return $this->judgeUnread($reading);
        }
        $ticked = array_map(static fn (Selector $box): string => $box->text(), $reading->page->ticked ?? []);
        $preset = fn (Control $control): ?Result => $control->response === Response::Yes
            ? $this->given($control, in_array($control->where->text(), $ticked, true)) : null;

        $results = $this->eachConsent($reading, 'Every consent control starts empty or on no.', $preset);
        $kept = $this->keptForLater($reading);

        return $kept === [] ? $results : [...$kept, ...array_filter($results, static fn (Result $r): bool => $r->verdict === Verdict::Breach)];
    }

    private function given(Control|OtherInput $box, bool $byScript): Result
    {
        return $this->finding(
            Verdict::Breach,
            $byScript ? 'A script of the page gives this consent before the visitor has touched it.' : 'This consent is given before the visitor has touched it.',
            $box->where, Found::all($box->label),
            ($byScript ? 'Take out what ticks it in the script' : 'Leave it empty').', so that only the visitor\'s own act is a yes.'
        );
    }

    /** @return list<Result> an application that is kept for other posts is agreed to by itself, though nothing is sent for it */
    private function keptForLater(Reading $reading): array
    {
        if ($reading->kind !== FormKind::JobApplication) {
            return [];
        }
        $service = array_filter($reading->controls, static fn (Control $c): bool => $c->role === ControlRole::Technical);
        $kept = array_filter([...$service, ...$reading->page->others ?? []], static fn (Control|OtherInput $box): bool => $box->response === Response::Yes
            && $reading->listener()->speaksOf($box->label, WordClass::LaterJobs));

        return array_map(fn (Control|OtherInput $box): Result => $this->given($box, false), array_values($kept));
    }

    /** @return non-empty-list<Result> boxes that stand on yes, whatever they ask for: their words are not read */
    private function judgeUnread(Reading $reading): array
    {
        $findings = [];
        foreach ([...$reading->controls, ...$reading->page->others ?? []] as $box) {
            if ($box->response === Response::Yes) {
                $findings[] = $this->finding(
                    Verdict::Open, 'This is answered with yes before the visitor has touched it, and its words are not read here.', $box->where,
                    $box->label === '' ? null : Found::all($box->label), 'Does it ask for consent? Then leave it empty.'
                );
            }
        }

        return $findings === [] ? $this->met('Nothing is answered with yes beforehand.') : $findings;
    }

    /** @return non-empty-list<Result> */
    private function judgeWords(Reading $reading): array
    {
        $said = $reading->listener()->first($reading->text, Meaning::TickedAlready);

        return $said === null ? $this->notApplicable('How a box stands cannot be seen in words.') : [$this->finding(
            Verdict::Open, $said->understood, $reading->where, $said->words, 'Is the box ticked beforehand? Leave it empty, so that only the visitor\'s own act is a yes.'
        )];
    }
}
