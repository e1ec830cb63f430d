<?php

declare(strict_types=1);

namespace App\Http\Controllers\Registers;

use App\Actions\Points\ImagePlace;
use App\Actions\Points\PutImage;
use App\Actions\Registers\ChangeRecord;
use App\Actions\Wording\AnswerNote;
use App\Http\RefusedAnswer;
use App\Http\Requests\AnswerRequest;
use App\Http\Requests\EditRequest;
use App\Http\Requests\MendRequest;
use App\Models\Record;
use App\Models\Revision;
use App\Pages\Registers\Forms\MailView;
use App\Pages\Registers\ShowRecord;
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
use Juramen\Register\RecordKind;
use Juramen\Register\Schema\Written;
use Juramen\Wording\Statement;

/** A statement, or an entry of a register: shown, changed place by place, undone, judged while typing. */
final class RecordController
{
    public function __construct(private readonly ChangeRecord $change, private readonly ShowRecord $show) {}

    public function show(Request $request, RecordKind $kind, string $slug): View
    {
        $record = Record::named($kind, $slug);
        $tab = match ($kind) {
            RecordKind::Statement => 'wording',
            RecordKind::Rules => 'house',
            RecordKind::Mail => 'wording.mails',
            RecordKind::ContactList, RecordKind::Destination => 'lists',
            default => 'wording.registers',
        };

        return view('records.show', ['page' => $this->show->of(
            $record, $record->newestRevision(), SignedIn::user($request), view: MailView::from($request->all())
        ), 'tab' => $tab]);
    }

    /** What was typed is judged and shown filled in, and not saved. */
    public function judge(EditRequest $request, RecordKind $kind, string $slug, SystemClock $clock): View|Response
    {
        $record = Record::named($kind, $slug);
        $newest = $record->newestRevision();
        try {
            $user = SignedIn::user($request);
            $document = $request->edit($kind)->apply($newest->document, new Written($user->name, $clock->today()));
            Records::check($kind, $document);

            return view('records.typed', ['judged' => $this->show->judged($record, $document, $user, MailView::from($request->all()))]);
        } catch (Refused $e) {
            return RefusedAnswer::inPlace($e);
        }
    }

    public function change(EditRequest $request, RecordKind $kind, string $slug): Response
    {
        $record = Record::named($kind, $slug);
        try {
            $edit = $request->edit($kind);
            $changed = $this->change->edit($record, SignedIn::user($request), $request->base(), $edit);
        } catch (Refused $e) {
            return RefusedAnswer::inPlace($e);
        }
        $anew = $edit->redraws() || $changed->revision->number > $request->base() + 1 || $changed->conflicts !== [] || $request->whole();

        return $this->answer($request, $record, $changed->revision, $anew, $changed->conflicts);
    }

    /** A note's mend, as the requirement made it for the words as they are now. */
    public function mend(MendRequest $request, RecordKind $kind, string $slug, Judgements $judgements, RegistersInForce $inForce): Response
    {
        $record = Record::named($kind, $slug);
        $newest = $record->newestRevision();
        $note = $kind === RecordKind::Statement ? $request->note($judgements->ofStatement(Statement::from($newest->document), $inForce->registers())) : null;
        $mend = MendRequest::of($note);
        if ($note !== null && $mend !== null) {
            $newest = $this->change->change(
                $record, SignedIn::user($request), $newest->number, 'mended: '.lcfirst($mend->label), $mend->apply(...)
            )->revision;
        }

        return $this->answer($request, $record, $newest, true);
    }

    /** That what a note asks is in order, or that it was read wrongly, or that neither is said any more. */
    public function say(AnswerRequest $request, RecordKind $kind, string $slug, Judgements $judgements, RegistersInForce $inForce, AnswerNote $answer): Response
    {
        abort_unless($kind === RecordKind::Statement, 404);
        $record = Record::named($kind, $slug);
        $newest = $record->newestRevision();
        try {
            $note = $request->note($judgements->ofStatement(Statement::from($newest->document), $inForce->registers()), $newest->document);
            $answer($record, $newest->document, $note, $request->kind(), $request->back(), SignedIn::user($request));
        } catch (Refused $e) {
            return RefusedAnswer::inPlace($e);
        }

        return $this->answer($request, $record, $newest, true);
    }

    /** A controller's sign. */
    public function sign(Request $request, RecordKind $kind, string $slug, PutImage $put): RedirectResponse
    {
        abort_unless($kind === RecordKind::Controller, 404);
        $file = $request->file('sign');
        $back = redirect()->route('records.show', [$kind->value, $slug]);
        try {
            $put(Record::named($kind, $slug), ImagePlace::Sign, $file instanceof UploadedFile ? (string) $file->getContent() : '', SignedIn::user($request));
        } catch (Refused $e) {
            return RefusedAnswer::onForm($back, 'sign', $e);
        }

        return $back->with('said', 'The sign stands on the draft. Once that is approved, forms take it up when they are published.');
    }

    public function undo(Request $request, RecordKind $kind, string $slug): Response
    {
        $record = Record::named($kind, $slug);

        return $this->answer($request, $record, $this->change->undo($record, SignedIn::user($request)), true);
    }

    public function redo(Request $request, RecordKind $kind, string $slug): Response
    {
        $record = Record::named($kind, $slug);

        return $this->answer($request, $record, $this->change->redo($record, SignedIn::user($request)), true);
    }

    /** What others changed since a revision; nothing where it is still the newest. */
    public function since(Request $request, RecordKind $kind, string $slug, int $number): Response
    {
        $record = Record::named($kind, $slug);
        $newest = $record->newestRevision();

        return $newest->number <= $number ? response('', 204) : $this
            ->answer($request, $record, $newest->load('author'), true, news: "{$newest->author->name} {$newest->said}.");
    }

    /** @param  list<Conflict>  $conflicts */
    private function answer(Request $request, Record $record, Revision $revision, bool $anew, array $conflicts = [], string $news = ''): Response
    {
        $page = $this->show->of($record, $revision, SignedIn::user($request), $conflicts, $news, MailView::from($request->all()));

        return response()->view($anew ? 'records.body' : 'records.feedback', ['page' => $page]);
    }
}
