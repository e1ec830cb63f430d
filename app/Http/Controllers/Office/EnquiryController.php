<?php

declare(strict_types=1);

namespace App\Http\Controllers\Office;

use App\Actions\Signup\DeleteKept;
use App\Http\Requests\SeveralRequest;
use App\Models\Enquiry;
use App\Models\User;
use App\Pages\Office\ShowKept;
use App\Queries\Office\ListEnquiries;
use App\Queries\Office\ListHeld;
use App\Support\Csv;
use App\Support\SignedIn;
use App\Support\Sorting;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Juramen\Canon\Id;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What people sent besides their consent: messages, entries, orders. */
final class EnquiryController
{
    private const COLUMNS = ['received', 'point', 'edition', 'language', 'deleted_by_itself'];

    public function index(Request $request, ListEnquiries $list, ShowKept $show): View|StreamedResponse
    {
        $point = $request->string('point')->toString();
        $sorting = Sorting::parse($request->query('sort'), ListHeld::COLUMNS, '-received');

        return $request->query('as') === 'csv' ? Csv::respond('enquiries.csv', self::COLUMNS, $list->all($point, $sorting)->map(self::line(...)))
            : view('office.enquiries', ['page' => $show->enquiries($point, $sorting)]);
    }

    public function delete(Request $request, string $enquiry, DeleteKept $delete): RedirectResponse
    {
        $gone = preg_match('/^[0-9a-f]{32}$/D', $enquiry) === 1 && $delete->enquiry(Id::fromHex($enquiry), SignedIn::user($request));

        return redirect()->route('enquiries')->with('said', $gone ? 'Deleted. Nothing is kept of it.' : 'It was gone already.');
    }

    public function several(SeveralRequest $request, DeleteKept $delete): RedirectResponse
    {
        $one = static fn (string $id, User $by): bool => preg_match('/^[0-9a-f]{32}$/D', $id) === 1 && $delete->enquiry(Id::fromHex($id), $by);

        return redirect()->route('enquiries')->with('said', $request->act() === 'delete' ? $request->each($one, 'deleted') : abort(404));
    }

    /**
     * Addresses stand in no file.
     *
     * @return list<string>
     */
    private static function line(Enquiry $enquiry): array
    {
        return [
            $enquiry->received_at->text(), $enquiry->edition->point->slug, (string) $enquiry->edition->number, $enquiry->language->value,
            $enquiry->deleted_at->text(),
        ];
    }
}
