<?php

declare(strict_types=1);

namespace App\Http\Controllers\Audit;

use App\Actions\Audit\AssignFinding;
use App\Http\RefusedAnswer;
use App\Models\Assignment;
use App\Queries\Audit\AuditNow;
use App\Support\SignedIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Juramen\Audit\AuditedForm;
use Juramen\Canon\Refused;

/** Who is to mend what was found, and by when. */
final class AssignmentController
{
    public function assign(Request $request, AuditNow $now, AssignFinding $assign): RedirectResponse
    {
        $chosen = ChosenFindings::of($request);
        $text = static fn (string $name): string => $request->string($name)->trim()->toString();
        try {
            $assign($chosen->named($now), $text('to'), $text('due'), $text('note'), SignedIn::user($request));
        } catch (Refused $e) {
            return RefusedAnswer::onForm($chosen->back(), $chosen->field('assign'), $e);
        }

        return $chosen->back()->with('said', 'It is theirs until that day, and stands on their desk.');
    }

    public function takeBack(Request $request, Assignment $assignment, AssignFinding $assign): RedirectResponse
    {
        $assign->takeBack($assignment, SignedIn::user($request));

        return ChosenFindings::of($request)->back()->with('said', 'Taken back: it is nobody\'s.');
    }

    public function mended(Request $request, Assignment $assignment, AuditNow $now, AssignFinding $assign): RedirectResponse
    {
        $chosen = ChosenFindings::of($request);
        $form = array_values(array_filter($now()->forms, static fn (AuditedForm $f): bool => $f->key() === $assignment->form))[0] ?? null;
        try {
            $assign->mended($assignment, $form, SignedIn::user($request));
        } catch (Refused $e) {
            return RefusedAnswer::onForm($chosen->back(), $chosen->field('assign'), $e);
        }

        return $chosen->back()->with('said', 'It is gone, and off your desk.');
    }
}
