<?php

declare(strict_types=1);

namespace App\Http\Controllers\Screening;

use App\Actions\Screening\AdoptWeights;
use App\Http\RefusedAnswer;
use App\Pages\Screening\WeightsPage;
use App\Queries\Office\CountAssessed;
use App\Queries\Screening\LinesInForce;
use App\Queries\Screening\ReadDecisions;
use App\Queries\Screening\ReadTaughtWords;
use App\Queries\Screening\WeightsInForce;
use App\Support\SignedIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Juramen\Canon\Refused;

/** What each signal of screening weighs. */
final class WeightsController
{
    public function show(WeightsInForce $inForce, ReadDecisions $decisions, LinesInForce $lines, CountAssessed $counts, ReadTaughtWords $taught): View
    {
        return view('screening.weights', ['page' => WeightsPage::of($inForce, $decisions, $lines, $counts, $taught)]);
    }

    public function adopt(Request $request, AdoptWeights $adopt): RedirectResponse
    {
        [$reason, $by] = [$request->string('reason')->toString(), SignedIn::user($request)];
        $back = redirect()->route('screening.weights');
        try {
            $request->string('which')->toString() === 'ours' ? $adopt->ours($reason, $by)
                : $adopt->estimated($request->string('mark')->toString(), $reason, $by);
        } catch (Refused $e) {
            return RefusedAnswer::onForm($back, 'reason', $e);
        }

        return $back->with('said', 'These weights hold from now on. What came before stays as it was decided; its risk is counted anew.');
    }
}
