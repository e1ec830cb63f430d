<?php

declare(strict_types=1);

namespace App\Http\Controllers\Audit;

use App\Actions\ActRefusal;
use App\Actions\Audit\AnswerFinding;
use App\Actions\Audit\NamedFinding;
use App\Http\RefusedAnswer;
use App\Models\AnswerSays;
use App\Models\AuditAnswer;
use App\Models\ForeignForm;
use App\Queries\Audit\AuditNow;
use App\Support\SignedIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Juramen\Audit\AuditedForm;
use Juramen\Canon\Digest;
use Juramen\Canon\Refused;

/** What people say of findings. */
final class AnswerController
{
    public function answer(Request $request, AuditNow $now, AnswerFinding $answer): RedirectResponse
    {
        $text = static fn (string $name): string => $request->string($name)->trim()->toString();
        $says = AnswerSays::tryFrom($text('says')) ?? abort(422);
        Gate::authorize($says === AnswerSays::Met ? 'attest' : 'accept', ForeignForm::class);
        $together = $request->has('requirement');
        $chosen = $together ? array_filter((array) $request->input('findings'), is_string(...)) : ["{$text('form')}|{$text('finding')}"];
        $back = redirect()->to($together ? route('audit', ['requirement' => $text('requirement')]) : $this->back($request)."#finding-{$text('finding')}");
        try {
            $answer->each($this->named($now, $chosen), $says, $text('reason'), $text('until'), SignedIn::user($request));
        } catch (Refused $e) {
            return RefusedAnswer::onForm($back, $together ? 'together' : "reason-{$text('finding')}", $e);
        }

        return $back->with('said', $says === AnswerSays::Met ? 'Attested. It holds for exactly this, and is asked again on its day.'
            : 'Accepted until that day. Then it comes back to the desk.');
    }

    /**
     * @param  array<mixed, string>  $chosen  each a form's key and what was found there
     * @return list<NamedFinding>
     *
     * @throws Refused where one is not found any more, or none is chosen
     */
    private function named(AuditNow $now, array $chosen): array
    {
        $forms = $now()->forms;
        $named = [];
        foreach ($chosen as $each) {
            [$key, $hex] = [...explode('|', $each, 2), ''];
            $form = array_values(array_filter($forms, static fn (AuditedForm $f): bool => $f->key() === $key))[0] ?? null;
            $finding = preg_match('/^[0-9a-f]{64}$/D', $hex) === 1 ? $form?->finding(Digest::fromHex($hex)) : null;
            $named[] = $form === null || $finding === null ? throw Refused::because(ActRefusal::FindingGone) : new NamedFinding($form, $finding);
        }

        return $named === [] ? throw Refused::because(ActRefusal::NoFindingChosen) : $named;
    }

    public function takeBack(Request $request, AuditAnswer $answer, AnswerFinding $answers): RedirectResponse
    {
        Gate::authorize($answer->says === AnswerSays::Met ? 'attest' : 'accept', ForeignForm::class);
        $answers->takeBack($answer, SignedIn::user($request));

        return redirect()->to($this->back($request))->with('said', 'Taken back: the finding stands again.');
    }

    /** Where it was said: the page of the form, or the grid at that form. */
    private function back(Request $request): string
    {
        [$kind, $id] = [...explode(' ', $request->string('form')->toString(), 2), ''];

        return $request->string('from')->toString() === 'form' && $kind === 'form' && preg_match('/^[a-z0-9]{1,60}$/D', $id) === 1
            ? route('audit.form', $id) : route('audit', ['form' => "$kind $id"]);
    }
}
