<?php

declare(strict_types=1);

namespace App\Http\Controllers\Points;

use App\Actions\Points\RunDraw;
use App\Http\RefusedAnswer;
use App\Models\Point;
use App\Pages\Points\DrawPage;
use App\Queries\Points\FindDraw;
use App\Queries\Registers\RegistersInForce;
use App\Support\SignedIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Juramen\Canon\Refused;

/** A prize draw: closed, drawn, accepted, each in its turn. */
final class DrawController
{
    public function __construct(private readonly RunDraw $run) {}

    public function show(Request $request, Point $point, FindDraw $find, RegistersInForce $inForce): View
    {
        return view('points.draw', ['page' => DrawPage::of(
            $point, $find($point) ?? abort(404), $inForce->nameOf($point->slug), SignedIn::user($request)->can('publish', Point::class)
        )]);
    }

    public function run(Request $request, Point $point): RedirectResponse
    {
        $by = SignedIn::user($request);
        $back = redirect()->route('points.draw', $point->slug);
        $until = $request->string('until')->trim()->toString();
        [$do, $said] = match ($request->string('do')->toString()) {
            'close' => [fn () => $this->run->close($point, $by), 'Closed. Who takes part is settled.'],
            'draw' => [fn () => $this->run->draw($point, $by), 'Drawn. The seed is revealed, and anybody can draw again.'],
            'accept' => [fn () => $this->run->accept($point, $by, $until), 'Accepted. Other entries are deleted in thirty days.'],
            default => abort(404),
        };
        try {
            $do();
        } catch (Refused $e) {
            return RefusedAnswer::onForm($back, 'do', $e);
        }

        return $back->with('said', $said);
    }
}
