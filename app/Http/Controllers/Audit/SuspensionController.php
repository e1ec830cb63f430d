<?php

declare(strict_types=1);

namespace App\Http\Controllers\Audit;

use App\Actions\ActRefusal;
use App\Actions\Audit\SuspendConsents;
use App\Http\RefusedAnswer;
use App\Models\Point;
use App\Models\Suspension;
use App\Queries\Audit\AuditNow;
use App\Support\SignedIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Juramen\Audit\AuditedForm;
use Juramen\Audit\AuditedKind;
use Juramen\Canon\Digest;
use Juramen\Canon\Refused;

/** What people agreed to on a form at fault is suspended, and a second officer lifts that. */
final class SuspensionController
{
    public function order(Request $request, Point $point, AuditNow $now, SuspendConsents $suspend): RedirectResponse
    {
        $hex = $request->string('finding')->toString();
        $back = redirect()->to(route('audit', ['form' => "point $point->slug"])."#finding-$hex");
        try {
            $form = array_values(array_filter(
                $now()->forms, static fn (AuditedForm $f): bool => $f->kind === AuditedKind::Point && $f->id === $point->slug
            ))[0] ?? null;
            $finding = preg_match('/^[0-9a-f]{64}$/D', $hex) === 1 ? $form?->finding(Digest::fromHex($hex)) : null;
            $suspend(
                $point, $finding ?? throw Refused::because(ActRefusal::FindingGone), $request->string('suspend-reason')->toString(), SignedIn::user($request)
            );
        } catch (Refused $e) {
            return RefusedAnswer::onForm($back, "suspend-$hex", $e);
        }

        return $back->with('said', 'Suspended: none of these people is written to any more. Their entries are being written.');
    }

    public function lift(Request $request, Suspension $suspension, SuspendConsents $suspend): RedirectResponse
    {
        $back = redirect()->route('audit', ['form' => "point {$suspension->load('point')->point->slug}"]);
        try {
            $suspend->lift($suspension, $request->string('lift-reason')->toString(), SignedIn::user($request));
        } catch (Refused $e) {
            return RefusedAnswer::onForm($back, "lift-$suspension->id", $e);
        }

        return $back->with('said', 'Lifted: what these people agreed to may be used again.');
    }
}
