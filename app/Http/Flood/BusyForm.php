<?php

declare(strict_types=1);

namespace App\Http\Flood;

use App\Actions\Signup\CameFrom;
use App\Actions\Signup\FormMarks;
use App\Actions\Signup\SubmittedForm;
use App\Http\Middleware\PublicHeaders;
use App\Support\OnTheAir;
use App\Support\PublishedForms;
use App\Support\SystemClock;
use Illuminate\Http\Request;
use Juramen\Canon\MacRing;
use Juramen\Points\FieldValue;
use Juramen\Points\Filling;
use Juramen\Points\FormVersion;
use Juramen\Points\PuzzleBlock;
use Juramen\Points\VisitMark;
use Juramen\Register\Language;
use Juramen\Screening\Puzzle;
use Symfony\Component\HttpFoundation\Response;

/** A form as it was filled in, to be sent once more: with the marks it came with, and one that says since when it is looked at. */
final class BusyForm
{
    private const WAITED = 'waited';

    /** Seconds that it must have been looked at, and for which that counts. */
    private const WAIT = 1;

    private const WAIT_ENDS = 900;

    public function __construct(
        private readonly PublishedForms $published,
        private readonly FormMarks $marks,
        private readonly MacRing $keys,
        private readonly SystemClock $clock,
        private readonly string $url,
    ) {}

    public function hasWaited(Request $request): bool
    {
        $since = $this->keys->open(self::WAITED, $this->text($request, self::WAITED));
        $age = $since === null ? -1 : microtime(true) - (float) $since;

        return $age >= self::WAIT && $age <= self::WAIT_ENDS;
    }

    /** Whoever solved the puzzle of their page has done more than wait. */
    public function hasSolved(Request $request, Language $language): bool
    {
        $visit = $this->visit($request);
        $token = $this->text($request, PuzzleBlock::TOKEN);
        $puzzle = $visit === null || $token === '' ? null : Puzzle::open($token, $visit->nonce, $this->keys);

        return $puzzle !== null && ($puzzle->isSolvedBy($token, $this->text($request, PuzzleBlock::SOLUTION))
            || $puzzle->isAnsweredBy($this->text($request, PuzzleBlock::ANSWER), explode(' ', self::words($language)['puzzle']['words'])));
    }

    /** Where the person came upon the form; "unknown" where it does not say so with a mark of ours. */
    public function placement(Request $request): string
    {
        return $this->visit($request)->placement ?? 'unknown';
    }

    /** Null where there is no such form to show; the application says so then. */
    public function page(Request $request, string $point, Language $language): ?Response
    {
        $today = $this->clock->today();
        $current = $this->published->keeps($point) ? $this->published->current($point) : null;
        $air = $current === null ? OnTheAir::Ended : OnTheAir::of($current, $this->published->isPaused($point), $today);
        if ($current === null || $air !== OnTheAir::Open || ! $current->sheet->draft->offers($language)) {
            return null;
        }
        $visit = $this->visit($request);
        $shown = $visit === null || $visit->language !== $language ? null : $this->published->edition($visit->edition);
        // Ticks and marks stay only with the very words that they were given to, on our own page; elsewhere it begins anew.
        $ours = $shown !== null && $shown->sheet->draft->point->text === $point && CameFrom::ours($request, $this->url);
        $edition = $ours ? $shown : $current;
        $form = SubmittedForm::read($request, $edition, $language, $today, $ours ? $this->marks->earlier($request, $visit) : []);
        $form = $ours ? $form : $form->withoutTicks();
        $since = new FieldValue(self::WAITED, $this->keys->seal(self::WAITED, sprintf('%.3F', microtime(true))));
        $marks = [...($ours ? FormMarks::sentBack($request) : []), $since];
        $version = $ours ? FormMarks::version($edition, $visit) : FormVersion::First;
        $marks = $ours ? [...$marks, ...$this->marks->others($form, $visit->nonce)] : $marks;
        $filling = new Filling($form->typed->values, $form->ticked(), [], self::words($language)['again']['busy'], $marks, $form->leftOut($form->page));
        $html = $this->published->form($edition, $language, $form->page->number, $version)->with($filling->pieces());

        return (new PublicHeaders)->handle($request, static fn (): Response => new Response($html, 429, [
            'Content-Type' => 'text/html; charset=utf-8', 'Retry-After' => (string) self::WAIT,
        ]));
    }

    /** @return array{again: array{busy: string}, puzzle: array{words: string}} */
    private static function words(Language $language): array
    {
        return require dirname(__DIR__, 3)."/resources/lang/{$language->value}/visitor.php";
    }

    private function visit(Request $request): ?VisitMark
    {
        return $this->marks->visit($this->text($request, FormMarks::VISIT));
    }

    private function text(Request $request, string $name): string
    {
        return is_string($given = $request->request->all()[$name] ?? null) ? $given : '';
    }
}
