<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Screening\CountNearby;
use App\Actions\Screening\GatherFacts;
use App\Actions\Screening\Judge;
use App\Actions\Screening\MailDomains;
use App\Support\PublishedForms;
use App\Support\QuietReport;
use App\Support\SystemClock;
use App\Support\UnknownBytes;
use Illuminate\Database\QueryException;
use Illuminate\Http\Request;
use Juramen\Consent\How;
use Juramen\Points\FieldMessage;
use Juramen\Points\Filling;
use Juramen\Points\LaidPage;
use Juramen\Points\PointEdition;
use Juramen\Points\PuzzleBlock;
use Juramen\Points\VisitMark;
use Juramen\Register\Language;
use Juramen\Register\Network;
use Juramen\Screening\Assessment;
use Juramen\Screening\Band;
use Juramen\Screening\Mark;
use Juramen\Screening\Puzzled;
use PDOException;

/**
 * What happens to a form that was sent: its marks are read, its answers checked, screening is asked, and it is taken,
 * held, or shown again with everything that was typed. Taken and held look alike from outside.
 */
final class ReceiveSubmission
{
    public function __construct(
        private readonly FormMarks $marks,
        private readonly PublishedForms $published,
        private readonly Judge $screen,
        private readonly GatherFacts $facts,
        private readonly Puzzles $puzzles,
        private readonly CountNearby $nearby,
        private readonly MailDomains $domains,
        private readonly AcceptSignup $accept,
        private readonly HoldSubmission $hold,
        private readonly SystemClock $clock,
    ) {}

    public function __invoke(Request $request, PointEdition $current, Language $language): SubmissionOutcome
    {
        $now = $this->clock->instant();
        $given = $request->request->all();
        $visit = $this->marks->visit(is_string($given[FormMarks::VISIT] ?? null) ? $given[FormMarks::VISIT] : '');
        $edition = $visit === null ? null : $this->shown($visit, $current);
        if ($visit === null || $edition === null || ! $this->isOurs($request, $visit, $language)) {
            return $this->check($request, $current, $language, $visit);
        }
        $earlier = $this->marks->earlier($request, $visit);
        $form = SubmittedForm::read($request, $edition, $language, $this->clock->today(), $earlier);
        if ($visit->isOld($now)) {
            $anew = SubmittedForm::read($request, $current, $language, $this->clock->today(), $earlier);

            return $this->fresh($anew, 'old', $visit->placement, $edition->digest()->equals($current->digest()) ? $visit : null, page: $anew->page);
        }
        $turn = PageTurn::of($request, $form);
        if ($turn !== null) {
            return $turn->isWrong() ? $this->again($request, $form, $visit, $turn->page, 'errors', $turn->errors)
                : $this->again($request, $form, $visit, $turn->page, '', status: 200);
        }
        try {
            return $this->screened($request, $form, $visit);
        } catch (MarkAlreadySpent) {
            $this->nearby->replayed(Network::truncate((string) $request->ip()), $now);

            return $this->fresh($form, 'spent', $visit->placement, $visit, page: $form->page);
        } catch (QueryException|PDOException $e) {
            QuietReport::write($e);

            return $this->again($request, $form, $visit, $form->page, 'down', status: 503);
        }
    }

    private function screened(Request $request, SubmittedForm $form, VisitMark $visit): SubmissionOutcome
    {
        $now = $this->clock->instant();
        $puzzled = $this->puzzles->state($request, $visit);
        $facts = $form->edition->sheet->rules->screening
            ? ($this->facts)($form, $request, $visit->age($now), Mark::Ours)->puzzled($puzzled) : null;
        $signup = new Signup(
            $form->edition, $form->language, $form->email(), $form->kept(), $form->said(), How::FormServed,
            $visit->placement === FormMarks::PAGE ? FormMarks::PAGE : FormMarks::COPY,
            $now, $visit->nonce, Network::truncate((string) $request->ip()), $visit->placement === FormMarks::COPY_KEPT, $facts, $form->notShown(),
            $form->recipients(), version: FormMarks::version($form->edition, $visit), written: $form->written(),
        );
        $this->domains->askAfterwards($form->email()->domain());
        $assessment = $facts === null ? null : $this->screen->assess($facts, $form->edition->sheet->draft->point);
        if ($assessment?->band === Band::Puzzle) {
            return $this->puzzle($request, $form, $visit, $assessment, $puzzled);
        }
        try {
            $this->take($signup, $assessment);
        } catch (ScreenedOut $e) {
            return $this->puzzle($request, $form, $visit, $e->assessment, $puzzled);
        }

        return SubmissionOutcome::taken($signup);
    }

    /** The page once more, with a puzzle on it: nothing is kept before it is solved. */
    private function puzzle(Request $request, SubmittedForm $form, VisitMark $visit, Assessment $assessment, Puzzled $puzzled): SubmissionOutcome
    {
        return $this->again(
            $request, $form, $visit, $form->page, $puzzled === Puzzled::Left ? 'puzzle-left' : 'puzzle',
            puzzle: $this->puzzles->block($visit, $assessment->risk, $form->language)
        );
    }

    /**
     * Taken or held, by what screening says; what only the transaction can count may hold it still.
     *
     * @throws ScreenedOut where a puzzle is to be put first
     */
    private function take(Signup $signup, ?Assessment $assessment): void
    {
        if ($assessment?->band === Band::Hold || $assessment?->band === Band::Refuse) {
            ($this->hold)($signup, $assessment);

            return;
        }
        try {
            ($this->accept)($signup);
        } catch (ScreenedOut $e) {
            $e->assessment->band === Band::Puzzle ? throw $e : ($this->hold)($signup, $e->assessment);
        }
    }

    /**
     * Whether the page that was sent is the one that we served with this mark: sent from our own origin, in the mark's language,
     * and with no stamp that says something else.
     */
    private function isOurs(Request $request, VisitMark $visit, Language $language): bool
    {
        $stamp = $request->request->all()[FormMarks::STAMP] ?? null;
        $stamp = is_string($stamp) ? $this->marks->stamp($stamp) : null;

        return CameFrom::ours($request, config()->string('app.url')) && $visit->language === $language && ($stamp === null || $visit->fits($stamp));
    }

    /**
     * Sent from a copy or from somebody else's page: our own page is shown, with what was typed and every box empty, since a yes
     * carried over would be a preset tick. What the person wanted besides is kept at once, whether or not they go on.
     */
    private function check(Request $request, PointEdition $current, Language $language, ?VisitMark $visit): SubmissionOutcome
    {
        $form = SubmittedForm::read($request, $current, $language, $this->clock->today());
        if (! $current->sheet->draft->kind->servesSomethingElse() || $form->withoutTicks()->errors() !== []) {
            return $this->fresh($form, 'check', FormMarks::COPY);
        }
        try {
            $nonce = $visit->nonce ?? $this->marks->nonceFor($form);
            $enquiry = new Signup(
                $current, $language, $form->email(), $form->kept(), [], How::FormServed, FormMarks::COPY, $this->clock->instant(), $nonce,
                Network::truncate((string) $request->ip()), recipients: $form->recipients(),
            );
            $facts = ($this->facts)($form, $request, null, $this->mark($request, $visit));
            $this->take($enquiry, $current->sheet->rules->screening ? $this->screen->assess($facts, $current->sheet->draft->point) : null);
        } catch (MarkAlreadySpent) {
            // It was kept before.
        } catch (QueryException|PDOException $e) {
            QuietReport::write($e);

            return $this->fresh($form, 'down', FormMarks::COPY, status: 503);
        }

        return $this->fresh($form, 'check-kept', FormMarks::COPY_KEPT);
    }

    /** What came of our mark, where what was sent is not what we served. */
    private function mark(Request $request, ?VisitMark $visit): Mark
    {
        $sent = $request->request->all()[FormMarks::VISIT] ?? null;

        return $visit === null && is_string($sent) && $sent !== '' ? Mark::Tampered : Mark::Missing;
    }

    /** The edition that the visit mark says was shown, where it is one of this very point. */
    private function shown(VisitMark $visit, PointEdition $current): ?PointEdition
    {
        if ($visit->edition->equals($current->digest())) {
            return $current;
        }
        try {
            $edition = $this->published->edition($visit->edition);
        } catch (UnknownBytes) {
            return null;
        }

        return $edition->sheet->draft->point->equals($current->sheet->draft->point) ? $edition : null;
    }

    /**
     * A page of the same form, its mark not spent.
     *
     * @param  list<FieldMessage>  $errors
     */
    private function again(
        Request $request, SubmittedForm $form, VisitMark $visit, LaidPage $page, string $heading, array $errors = [], int $status = 422,
        ?PuzzleBlock $puzzle = null
    ): SubmissionOutcome {
        $marks = [...FormMarks::sentBack($request), ...$this->marks->others($form, $visit->nonce)];
        $filling = new Filling(
            $form->typed->values, $form->ticked(), $errors, $heading === '' ? '' : $this->say($heading, $form->language), $marks, $form->leftOut($page),
            puzzle: $puzzle
        );

        return SubmissionOutcome::again($form->edition, $filling, $page, FormMarks::version($form->edition, $visit), $status);
    }

    /**
     * A new page with what was typed.
     *
     * @param  VisitMark|null  $same  of the page that was sent, where it showed these very words: only then ticks are carried over
     */
    private function fresh(
        SubmittedForm $form, string $heading, string $placement, ?VisitMark $same = null, int $status = 422, ?LaidPage $page = null
    ): SubmissionOutcome {
        $form = $same !== null ? $form : $form->withoutTicks();
        $page ??= $form->layout->pages[0];
        $marks = $this->marks->issue($form->edition, $form->language, $placement, $same === null ? null : FormMarks::version($form->edition, $same));
        $filling = new Filling(
            $form->typed->values, $form->ticked(), [], $this->say($heading, $form->language),
            [...$marks->inputs, ...$this->marks->others($form, $marks->visit->nonce)], $form->leftOut($page)
        );

        return SubmissionOutcome::again($form->edition, $filling, $page, FormMarks::version($form->edition, $marks->visit), $status);
    }

    private function say(string $heading, Language $language): string
    {
        return (string) __("visitor.again.$heading", [], $language->value);
    }
}
