<?php

declare(strict_types=1);

namespace App\Http\Controllers\Office;

use App\Actions\Signup\DeleteKept;
use App\Actions\Signup\HoldSubmission;
use App\Actions\Signup\Released;
use App\Http\Requests\SeveralRequest;
use App\Models\HeldSubmission;
use App\Models\User;
use App\Pages\Office\ScreeningNote;
use App\Pages\Office\ShowKept;
use App\Queries\Office\CountAssessed;
use App\Queries\Office\ListHeld;
use App\Queries\Screening\LinesInForce;
use App\Support\Csv;
use App\Support\SignedIn;
use App\Support\Sorting;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What screening held: looked at, released or deleted by a person. */
final class HeldController
{
    private const COLUMNS = ['received', 'point', 'edition', 'language', 'signals', 'deleted_by_itself'];

    public function index(
        Request $request, ListHeld $list, ShowKept $show, CountAssessed $counts, LinesInForce $inForce
    ): View|StreamedResponse {
        $sorting = Sorting::parse($request->query('sort'), ListHeld::COLUMNS, '-received');

        return $request->query('as') === 'csv' ? Csv::respond('held.csv', self::COLUMNS, $list->all($sorting)->map(self::line(...)))
            : view('office.held', [
                'page' => $show->held($sorting), 'notes' => ScreeningNote::all($counts, $inForce->lines()), 'sum' => ScreeningNote::sum($counts),
            ]);
    }

    public function release(Request $request, HeldSubmission $held, HoldSubmission $hold): RedirectResponse
    {
        return redirect()->route('held')->with('said', $hold->release($held, SignedIn::user($request))->says());
    }

    public function delete(Request $request, HeldSubmission $held, DeleteKept $delete): RedirectResponse
    {
        $gone = $delete->held($held, SignedIn::user($request));

        return redirect()->route('held')->with('said', $gone ? 'Deleted. Nothing is kept of it.' : 'It was gone already.');
    }

    /** The chosen ones, each by itself: one that cannot be released keeps none of the others. */
    public function several(SeveralRequest $request, HoldSubmission $hold, DeleteKept $delete): RedirectResponse
    {
        $found = static fn (string $id): ?HeldSubmission => ctype_digit($id) ? HeldSubmission::find((int) $id) : null;
        $said = match ($request->act()) {
            'release' => $request->each(
                static fn (string $id, User $by): bool => ($held = $found($id)) !== null && $hold->release($held, $by) !== Released::Gone, 'released'
            ),
            'delete' => $request->each(static fn (string $id, User $by): bool => ($held = $found($id)) !== null && $delete->held($held, $by), 'deleted'),
            default => abort(404),
        };

        return redirect()->route('held')->with('said', $said);
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
