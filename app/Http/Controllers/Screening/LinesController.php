<?php

declare(strict_types=1);

namespace App\Http\Controllers\Screening;

use App\Actions\ActRefusal;
use App\Actions\Screening\DrawLines;
use App\Http\RefusedAnswer;
use App\Models\Point;
use App\Pages\Screening\LinesPage;
use App\Pages\Screening\LinesView;
use App\Queries\Registers\RegistersInForce;
use App\Queries\Screening\CountRisks;
use App\Queries\Screening\LinesInForce;
use App\Support\SignedIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Juramen\Canon\Refused;

/** Where the lines of screening are drawn. */
final class LinesController
{
    public function __construct(private readonly LinesInForce $inForce) {}

    public function show(Request $request, CountRisks $count, RegistersInForce $registers): View
    {
        return view('screening.lines', ['page' => LinesPage::of($request->query->all(), $this->inForce, $count, $registers)]);
    }

    /** What follows while somebody moves them. */
    public function part(Request $request, CountRisks $count, RegistersInForce $registers): View
    {
        return view('screening.part', ['page' => LinesPage::of($request->query->all(), $this->inForce, $count, $registers)]);
    }

    public function draw(Request $request, DrawLines $draw): RedirectResponse
    {
        $view = LinesView::from($request->request->all(), $this->inForce);
        $back = redirect()->route('screening.lines', [...$view->query(), ...$view->typed]);
        try {
            if ($view->wrong !== '') {
                throw Refused::because(ActRefusal::LinesWrong, says: $view->wrong);
            }
            $draw($view->lines, $view->costs, $request->string('reason')->toString(), SignedIn::user($request), $view->point);
        } catch (Refused $e) {
            return RefusedAnswer::onForm($back, 'reason', $e);
        }

        return redirect()->route('screening.lines', array_filter(['point' => $view->point?->slug]))
            ->with('said', 'These lines hold from now on. What came before stays as it was decided.');
    }

    /** A point departs from the house no longer. */
    public function follow(Request $request, DrawLines $draw, Point $point): RedirectResponse
    {
        $back = redirect()->route('screening.lines', ['point' => $point->slug]);
        try {
            $draw->follow($point, $request->string('reason')->toString(), SignedIn::user($request));
        } catch (Refused $e) {
            return RefusedAnswer::onForm($back, 'reason', $e);
        }

        return $back->with('said', 'It follows the house from now on.');
    }
}
