<?php

declare(strict_types=1);

namespace App\Http\Controllers\Audit;

use App\Actions\Audit\AnswerFinding;
use App\Actions\ProofFile;
use App\Http\RefusedAnswer;
use App\Models\AnswerSays;
use App\Models\AuditAnswer;
use App\Models\ForeignForm;
use App\Queries\Audit\AuditNow;
use App\Support\SignedIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Juramen\Canon\Refused;
use Symfony\Component\HttpFoundation\HeaderUtils;

/** What people say of findings. */
final class AnswerController
{
    public function answer(Request $request, AuditNow $now, AnswerFinding $answer): RedirectResponse
    {
        $text = static fn (string $name): string => $request->string($name)->trim()->toString();
        $says = AnswerSays::tryFrom($text('says')) ?? abort(422);
        Gate::authorize($says === AnswerSays::Met ? 'attest' : 'accept', ForeignForm::class);
        $chosen = ChosenFindings::of($request);
        try {
            $answer->each($chosen->named($now), $says, $text('reason'), $text('until'), SignedIn::user($request), ProofFile::uploaded($request->file('file')));
        } catch (Refused $e) {
            return RefusedAnswer::onForm($chosen->back(), $chosen->field('reason'), $e);
        }

        return $chosen->back()->with('said', $says === AnswerSays::Met ? 'Attested. It holds for exactly this, and is asked again on its day.'
            : 'Accepted until that day. Then it comes back to the desk.');
    }

    /** On what an answer rests. */
    public function file(AuditAnswer $answer): Response
    {
        $file = $answer->proof();

        return response($file?->content() ?? abort(404), 200, [
            'Content-Type' => $file->type, 'Content-Disposition' => HeaderUtils::makeDisposition('attachment', $file->name, 'file'),
            'Content-Security-Policy' => "default-src 'none'; sandbox",
        ]);
    }

    public function takeBack(Request $request, AuditAnswer $answer, AnswerFinding $answers): RedirectResponse
    {
        Gate::authorize($answer->says === AnswerSays::Met ? 'attest' : 'accept', ForeignForm::class);
        $answers->takeBack($answer, SignedIn::user($request));

        return ChosenFindings::of($request)->back()->with('said', 'Taken back: the finding stands again.');
    }
}
