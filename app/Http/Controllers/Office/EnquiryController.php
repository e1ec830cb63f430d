<?php

declare(strict_types=1);

namespace App\Http\Controllers\Office;

use App\Models\Enquiry;
use App\Models\Point;
use App\Queries\Registers\RegistersInForce;
use App\Support\Csv;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;
use Juramen\Canon\Id;
use Juramen\Register\Retention;

/** What people sent besides their consent: messages, entries, orders. */
final class EnquiryController
{
    public function index(Request $request, RegistersInForce $inForce): View|Response
    {
        $point = $request->string('point')->toString();
        $query = Enquiry::query()->with('edition.point')->orderByDesc('received_at')->orderBy('id');
        if ($point !== '') {
            $query->whereRelation('edition.point', 'slug', $point);
        }
        if ($request->query('as') === 'csv') {
            // Addresses stand in no file.
            $rows = $query->limit(20_000)->get()->map(static fn (Enquiry $e): array => [
                $e->received_at->text(), $e->edition->point->slug, (string) $e->edition->number, $e->language->value, $e->deleted_at->text(),
            ]);

            return Csv::respond('enquiries.csv', ['received', 'point', 'edition', 'language', 'deleted_by_itself'], array_values($rows->all()));
        }

        return view('office.enquiries', [
            'enquiries' => $query->paginate(50)->withQueryString(), 'point' => $point, 'points' => Point::query()->orderBy('slug')->pluck('slug'),
            'days' => $inForce->registers()->house->daysKept(Retention::Enquiry),
        ]);
    }

    public function delete(string $enquiry): RedirectResponse
    {
        $gone = preg_match('/^[0-9a-f]{32}$/D', $enquiry) === 1 && Enquiry::query()->whereKey(Id::fromHex($enquiry)->bytes)->delete() === 1;

        return redirect()->route('enquiries')->with('said', $gone ? 'Deleted. Nothing is kept of it.' : 'It was gone already.');
    }
}
