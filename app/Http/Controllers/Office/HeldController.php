<?php

declare(strict_types=1);

namespace App\Http\Controllers\Office;

use App\Actions\Signup\DecideHeld;
use App\Http\Requests\SeveralRequest;
use App\Models\HeldDecision;
use App\Models\HeldSubmission;
use App\Models\User;
use App\Pages\Screening\HeldPage;
use App\Queries\Office\ListHeld;
use App\Queries\Registers\RegistersInForce;
use App\Queries\Screening\LinesInForce;
use App\Queries\Screening\WeightsInForce;
use App\Support\Csv;
use App\Support\SignedIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What screening held: looked at, accepted or refused by a person, and undone for a while. */
final class HeldController
{
    private const COLUMNS = ['received', 'point', 'edition', 'language', 'signals', 'deleted_by_itself'];

    public function __construct(
        private readonly ListHeld $list, private readonly RegistersInForce $registers, private readonly LinesInForce $lines,
        private readonly WeightsInForce $weights
    ) {}

    public function index(Request $request): View|StreamedResponse
    {
        return $request->query('as') === 'csv' ? Csv::respond('held.csv', self::COLUMNS, $this->list->all()->map(self::line(...)))
            : view($request->hasHeader('X-Part') ? 'office.held-list' : 'office.held', ['page' => $this->page($request), 'said' => null]);
    }

    /** The chosen ones, each by itself: one that cannot be decided keeps none of the others. */
    public function decide(SeveralRequest $request, DecideHeld $decide): RedirectResponse|View
    {
        $as = HeldDecision::tryFrom($request->act()) ?? abort(404);
        $said = $request->each(
            static fn (string $id, User $by): bool => ctype_digit($id) && $decide((int) $id, $as, $by), $as->done()
        );

        return $this->answer($request, $said);
    }

    public function undo(SeveralRequest $request, DecideHeld $decide): RedirectResponse|View
    {
        return $this->answer($request, $request->each(
            static fn (string $id): bool => ctype_digit($id) && $decide->undo((int) $id), 'waiting again'
        ));
    }

    /** To a script the list as it is now; to a browser the page. */
    private function answer(SeveralRequest $request, string $said): RedirectResponse|View
    {
        return $request->hasHeader('X-Part') ? view('office.held-list', ['page' => $this->page($request), 'said' => $said])
            : redirect()->route('held')->with('said', $said);
    }

    private function page(Request $request): HeldPage
    {
        return HeldPage::of(SignedIn::user($request), $this->list, $this->registers, $this->lines, $this->weights);
    }

    /**
     * Addresses stand in no file.
     *
     * @return list<string>
     */
    private static function line(HeldSubmission $held): array
    {
        return [
            $held->received_at->text(), $held->edition->point->slug, (string) $held->edition->number, $held->language->value, $held->signals,
            $held->deleted_at->text(),
        ];
    }
}
