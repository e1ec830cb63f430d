<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Screening\GatherFacts;
use App\Actions\Screening\Judge;
use App\Actions\Screening\TrialVisitor;
use App\Models\Point;
use App\Queries\Registers\RegistersInForce;
use App\Support\DraftProof;
use App\Support\SystemClock;
use App\Support\VisitorWords;
use Illuminate\Http\Request;
use Juramen\Canon\Digest;
use Juramen\Points\FieldMessage;
use Juramen\Points\Filling;
use Juramen\Points\FormRenderer;
use Juramen\Points\FrozenLanguage;
use Juramen\Points\FrozenPage;
use Juramen\Points\LaidPage;
use Juramen\Points\PointEdition;
use Juramen\Points\PuzzleBlock;
use Juramen\Points\SheetDraft;
use Juramen\Points\VisitMark;
use Juramen\Register\Language;
use Juramen\Screening\Band;
use Juramen\Screening\Mark;
use Juramen\Screening\Puzzled;

/** Tries a point's draft as a visitor would go through it: nothing of it is kept, nobody is written to, and nothing is counted. */
final class TryDraft
{
    private const SAYS = 'A trial: nothing is kept of it, and nobody is written to.';

    public function __construct(
        private readonly RegistersInForce $inForce, private readonly FormMarks $marks, private readonly Puzzles $puzzles, private readonly GatherFacts $facts,
        private readonly Judge $judge, private readonly SystemClock $clock
    ) {}

    /** @param  string  $at  address of the trial, with "LANGUAGE" in place of the language */
    public function open(Point $point, Language $language, string $at): TrialEnd
    {
        $edition = $this->edition($point);
        $marks = $this->marks->issue($edition, $edition->sheet->draft->languageFor($language));

        return new TrialEnd($this->form($edition, $marks->visit, 1, $at, new Filling(heading: self::SAYS, hidden: $marks->inputs)));
    }

    /** @param  string  $at  address of the trial, with "LANGUAGE" in place of the language */
    public function send(Request $request, Point $point, Language $language, TrialVisitor $as, string $at): TrialEnd
    {
        $edition = $this->edition($point);
        $given = $request->request->all()[FormMarks::VISIT] ?? null;
        $visit = is_string($given) ? $this->marks->visit($given) : null;
        if ($visit === null || ! $visit->edition->equals($edition->digest())) {
            // The draft is another by now.
            return $this->open($point, $language, $at);
        }
        $form = SubmittedForm::read($request, $edition, $visit->language, $this->clock->today(), $this->marks->earlier($request, $visit));
        $turn = PageTurn::of($request, $form);
        if ($turn !== null) {
            return $this->again($request, $form, $visit, $turn->page, $at, $turn->isWrong() ? 'errors' : '', $turn->errors);
        }
        if (! $edition->sheet->rules->screening) {
            return new TrialEnd(null);
        }
        $puzzled = $this->puzzles->state($request, $visit);
        $own = ($this->facts)($form, $request, $visit->age($this->clock->instant()), Mark::Ours)->puzzled($puzzled);
        $assessment = $this->judge->assess($as->facts($own), $edition->sheet->draft->point);

        return $assessment->band !== Band::Puzzle ? new TrialEnd(null, $assessment) : $this->again(
            $request, $form, $visit, $form->page, $at, $puzzled === Puzzled::Left ? 'puzzle-left' : 'puzzle',
            puzzle: $this->puzzles->block($visit, $assessment->risk, $form->language)
        );
    }

    /** @param  list<FieldMessage>  $errors */
    private function again(
        Request $request, SubmittedForm $form, VisitMark $visit, LaidPage $page, string $at, string $heading, array $errors = [], ?PuzzleBlock $puzzle = null
    ): TrialEnd {
        $filling = new Filling(
            $form->typed->values, $form->ticked(), $errors, $heading === '' ? self::SAYS : (string) __("visitor.again.$heading", [], $form->language->value),
            [...FormMarks::sentBack($request), ...$this->marks->others($form, $visit->nonce)], $form->leftOut($page), puzzle: $puzzle
        );

        return new TrialEnd($this->form($form->edition, $visit, $page->number, $at, $filling), status: $heading === '' ? 200 : 422);
    }

    private function form(PointEdition $edition, VisitMark $visit, int $number, string $at, Filling $filling): string
    {
        $look = route('look', [$edition->controller->id->text, 'draft' => DraftProof::keep($edition->sheet->draft->document())], false);
        $shown = $edition->sheet->draft->differsIn($visit->language) && ord($visit->nonce->bytes[15]) % 2 === 1 ? $edition->sheet->second() : $edition->sheet;
        $pages = (new FormRenderer($shown, $edition->controller, $at, $look))->pages($visit->language, VisitorWords::form($visit->language));

        return ($pages[$number - 1] ?? $pages[0])->with($filling->pieces());
    }

    /** The draft as if it were published now; its bytes are frozen nowhere. */
    private function edition(Point $point): PointEdition
    {
        $registers = $this->inForce->registers();
        $revision = $point->newest();
        $sheet = $registers->complete(SheetDraft::from($revision->document))->filled();
        $nothing = Digest::of('');
        $frozen = static fn (Language $l): FrozenLanguage => new FrozenLanguage($l, $nothing, [new FrozenPage($nothing, [])], []);

        // The same moment for the same draft, so that a page that lies open fits.
        return PointEdition::make(
            $sheet, 1, $revision->saved_at, $registers->controller($sheet->draft->controller),
            $sheet->draft->languages === [] ? [$frozen(Language::from('en'))] : array_map($frozen, $sheet->draft->languages)
        );
    }
}
