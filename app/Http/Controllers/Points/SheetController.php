<?php

declare(strict_types=1);

namespace App\Http\Controllers\Points;

use App\Actions\Points\ImagePlace;
use App\Actions\Points\PutGift;
use App\Actions\Points\PutImage;
use App\Actions\Registers\ChangeRecord;
use App\Http\RefusedAnswer;
use App\Http\Requests\EditRequest;
use App\Http\Requests\MendRequest;
use App\Models\Point;
use App\Models\Revision;
use App\Pages\Points\ProofView;
use App\Pages\Points\ShowSheet;
use App\Queries\Points\Judgements;
use App\Queries\Registers\RegistersInForce;
use App\Support\SignedIn;
use App\Support\SystemClock;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\View\View;
use Juramen\Canon\Conflict;
use Juramen\Canon\Refused;
use Juramen\Points\Records;
use Juramen\Points\SheetDraft;
use Juramen\Register\Language;
use Juramen\Register\RecordKind;
use Juramen\Register\Schema\Written;

/** The sheet of a signup point: shown, changed place by place, undone, judged while typing. */
final class SheetController
{
    public function __construct(private readonly ChangeRecord $change, private readonly ShowSheet $show) {}

    public function show(Request $request, Point $point): View
    {
        return view(
            'points.sheet',
            ['page' => $this->show->of($this->loaded($point), $point->newest(), SignedIn::user($request), ProofView::from($request))]
        );
    }

    /** What was typed is judged and shown in the proof, and not saved. */
    public function judge(EditRequest $request, Point $point, SystemClock $clock): View|Response
    {
        try {
            $user = SignedIn::user($request);
            $document = $request->edit(RecordKind::Sheet)->apply($point->newest()->document, new Written($user->name, $clock->today()));
            Records::check(RecordKind::Sheet, $document);

            return view('points.feedback', ['page' => $this->show->typed($point, $document, $user, ProofView::from($request))]);
        } catch (Refused $e) {
            return RefusedAnswer::inPlace($e);
        }
    }

    public function change(EditRequest $request, Point $point): Response
    {
        try {
            $edit = $request->edit(RecordKind::Sheet);
            $changed = $this->change->edit($this->loaded($point)->record, SignedIn::user($request), $request->base(), $edit);
        } catch (Refused $e) {
            return RefusedAnswer::inPlace($e);
        }
        $anew = $edit->redraws() || $changed->revision->number > $request->base() + 1 || $changed->conflicts !== [] || $request->whole();

        return $this->answer($request, $point, $changed->revision, $anew, $changed->conflicts);
    }

    /** A note's mend, as the requirement made it for the sheet as it is now. */
    public function mend(MendRequest $request, Point $point, Judgements $judgements, RegistersInForce $inForce): Response
    {
        $newest = $this->loaded($point)->newest();
        $registers = $inForce->registers();
        $note = $request->note($judgements->ofSheet($registers->complete(SheetDraft::from($newest->document)), $registers));
        $mend = MendRequest::of($note);
        if ($note !== null && $mend !== null) {
            $newest = $this->change->change(
                $point->record, SignedIn::user($request), $newest->number, 'mended: '.lcfirst($mend->label), $mend->apply(...)
            )->revision;
        }

        return $this->answer($request, $point, $newest, true);
    }

    /** An image above the form, or none any more. */
    public function image(Request $request, Point $point, PutImage $put): RedirectResponse
    {
        $file = $request->file('image');
        $back = redirect()->route('points.sheet', $point->slug);
        try {
            $put($this->loaded($point)->record, ImagePlace::Above, $file instanceof UploadedFile ? (string) $file->getContent() : '', SignedIn::user($request));
        } catch (Refused $e) {
            return RefusedAnswer::onForm($back, 'image', $e);
        }

        return $back->with('said', 'The image stands above the form. It was made small, and nothing else of its file is kept.');
    }

    /** The file that is given. */
    public function gift(Request $request, Point $point, PutGift $put): RedirectResponse
    {
        $file = $request->file('gift');
        $back = redirect()->route('points.sheet', $point->slug);
        try {
            $put(
                $this->loaded($point)->record, $file instanceof UploadedFile ? $file->getClientOriginalName() : '',
                $file instanceof UploadedFile ? (string) $file->getContent() : '', SignedIn::user($request)
            );
        } catch (Refused $e) {
            return RefusedAnswer::onForm($back, 'gift', $e);
        }

        return $back->with('said', 'The file is the gift. Nobody can open it but by a link of their own.');
    }

    public function undo(Request $request, Point $point): Response
    {
        return $this->answer($request, $point, $this->change->undo($this->loaded($point)->record, SignedIn::user($request)), true);
    }

    public function redo(Request $request, Point $point): Response
    {
        return $this->answer($request, $point, $this->change->redo($this->loaded($point)->record, SignedIn::user($request)), true);
    }

    /** What others changed since a revision; nothing where it is still the newest. */
    public function since(Request $request, Point $point, int $number): Response
    {
        $newest = $point->newest();

        return $newest->number <= $number ? response('', 204)
            : $this->answer($request, $this->loaded($point), $newest->load('author'), true, news: "{$newest->author->name} {$newest->said}.");
    }

    /** The proof, for a frame in which nothing runs. */
    public function proof(Request $request, Point $point, string $language, string $draft): Response
    {
        $view = ProofView::from($request);
        $view = $view->in(Language::tryFrom($language) ?? $view->language);

        return response($this->show->proof($point->load('record.newest'), $draft, $view), 200, [
            'Content-Type' => 'text/html; charset=utf-8',
            'Content-Security-Policy' => "default-src 'none'; style-src 'self'; font-src 'self'; img-src 'self'; frame-ancestors 'self'; sandbox",
        ]);
    }

    /**
     * What stands around the fields, or the whole sheet where its fields or sentences are others now.
     *
     * @param  list<Conflict>  $conflicts
     */
    private function answer(Request $request, Point $point, Revision $revision, bool $anew, array $conflicts = [], string $news = ''): Response
    {
        $page = $this->show->of($point, $revision, SignedIn::user($request), ProofView::from($request), $conflicts, $news);

        return response()->view($anew ? 'points.body' : 'points.feedback', ['page' => $page]);
    }

    private function loaded(Point $point): Point
    {
        return $point->load('controller', 'record');
    }
}
