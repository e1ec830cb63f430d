<?php

declare(strict_types=1);

namespace App\Http\Controllers\Evidence;

use App\Actions\ActLog;
use App\Actions\Consent\PersonalValues;
use App\Actions\Ledger\LedgerTables;
use App\Models\ActKind;
use App\Models\Subscriber;
use App\Pages\Evidence\AnsweredForm;
use App\Pages\Evidence\PersonRequest;
use App\Pages\Evidence\ShowPerson;
use App\Queries\Evidence\FindPerson;
use App\Support\SignedIn;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;
use Juramen\Consent\Acts\Given;
use Juramen\Log\Disclosure;
use Symfony\Component\HttpFoundation\HeaderUtils;

/** One person's evidence: the question, the acts, the form as shown with the answers, the proof. */
final class PersonController
{
    public function __construct(private readonly FindPerson $people, private readonly ActLog $log) {}

    public function show(Request $request, ShowPerson $show, string $subject): View
    {
        $person = $this->subscriber($subject);
        $this->log->seen(SignedIn::user($request), ActKind::LookedAt, $subject);

        return view('evidence.person', ['page' => $show($person, PersonRequest::from($request))]);
    }

    /** The question, its answer and the drawing, as the cursor moves; acts and form only where the answer rests on others. */
    public function asked(Request $request, ShowPerson $show, string $subject): View
    {
        $page = $show($this->subscriber($subject), PersonRequest::from($request));

        return view('evidence.answer', ['page' => $page, 'others' => ($page->question ?? abort(404))->seen !== $request->query('seen')]);
    }

    /** All that is on record, on paper. */
    public function printed(Request $request, ShowPerson $show, string $subject): View
    {
        $person = $this->subscriber($subject);
        $this->log->seen(SignedIn::user($request), ActKind::Printed, $subject);

        return view('evidence.printed', ['page' => $show->whole($person, SignedIn::user($request))]);
    }

    /** The frozen form with the person's answers, to be looked at inside a frame in which nothing runs. */
    public function shown(Request $request, LedgerTables $ledger, AnsweredForm $answered, string $subject, string $entry): Response
    {
        $chain = $ledger->chain($this->subscriber($subject)->subject);
        $found = ShowPerson::find($chain, $entry);
        if ($found === null || ! $found->act instanceof Given) {
            abort(404);
        }

        return response($answered($chain, $found, $found->act, $request->integer('page', 1)), 200, [
            'Content-Type' => 'text/html; charset=utf-8',
            'Content-Security-Policy' => "default-src 'none'; style-src 'self'; font-src 'self'; img-src 'self'; frame-ancestors 'self'; sandbox",
        ]);
    }

    /** The letter or message with which somebody withdrew: as a download, and only as the entry says it is. */
    public function file(Request $request, PersonalValues $personal, string $subject, string $entry): Response
    {
        $file = $this->people->fileOf($this->subscriber($subject), $entry) ?? abort(404);
        $said = array_filter($personal->ofEntry($file->entry), static fn (Disclosure $d): bool => $d->name === 'file' && $file->isAsSaid($d->value));
        if ($said === []) {
            abort(404);
        }
        $this->log->seen(SignedIn::user($request), ActKind::LookedAt, $subject);

        return response($file->content(), 200, [
            'Content-Type' => $file->type, 'Content-Disposition' => HeaderUtils::makeDisposition('attachment', $file->name, 'file'),
            'Content-Security-Policy' => "default-src 'none'; sandbox",
        ]);
    }

    private function subscriber(string $subject): Subscriber
    {
        return $this->people->bySubject($subject) ?? abort(404);
    }
}
