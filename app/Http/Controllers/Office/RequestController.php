<?php

declare(strict_types=1);

namespace App\Http\Controllers\Office;

use App\Actions\Upkeep\HandleRequests;
use App\Http\RefusedAnswer;
use App\Models\Enquiry;
use App\Models\RightsRequest;
use App\Pages\Office\DeadlineNote;
use App\Pages\Office\RequestsPage;
use App\Queries\Office\ListRequests;
use App\Queries\Office\RequestFilter;
use App\Queries\Points\PointNames;
use App\Queries\Registers\RegistersInForce;
use App\Support\Csv;
use App\Support\Moments;
use App\Support\SignedIn;
use App\Support\SystemClock;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Juramen\Canon\Refused;
use Juramen\Upkeep\Right;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What people ask under Art. 15 to 21 of the GDPR: recorded from their messages, answered in time. */
final class RequestController
{
    private const COLUMNS = ['asks', 'article', 'received', 'due', 'answered', 'extended', 'point'];

    public function __construct(private readonly HandleRequests $requests) {}

    public function index(Request $request, ListRequests $list, PointNames $points, RegistersInForce $inForce, SystemClock $clock): View|StreamedResponse
    {
        $filter = RequestFilter::from($request);

        return $request->query('as') === 'csv' ? Csv::respond('requests.csv', self::COLUMNS, $list->all($filter)->map(self::line(...)))
            : view('office.requests', [
                'page' => RequestsPage::of($filter, $list, $points, $inForce, $clock->today()),
                'notes' => DeadlineNote::all($inForce->registers()),
            ]);
    }

    public function record(Request $request, Enquiry $enquiry): RedirectResponse
    {
        $right = Right::tryFrom($request->string('asks')->toString());
        if ($right === null) {
            return back()->withInput()->withErrors(['asks' => 'Choose what it asks for from the list.']);
        }
        $made = $this->requests->record($enquiry->id, $right, SignedIn::user($request));

        return redirect()->route('enquiries.show', $enquiry)->with('said', $made === null ? 'Somebody else was quicker; the message is gone.'
            : 'It is on record as a request, to be answered by '.Moments::plain($made->due_on->text).'.');
    }

    public function extend(Request $request, RightsRequest $asked): RedirectResponse
    {
        $why = $request->string('why')->toString();

        return $this->act($asked, 'why', fn () => $this->requests->extend($asked, $why, SignedIn::user($request)), 'It is due later now.');
    }

    public function answer(Request $request, RightsRequest $asked): RedirectResponse
    {
        return $this->act(
            $asked, 'request', fn () => $this->requests->answer($asked, SignedIn::user($request)), 'Answered. The message can be closed now.'
        );
    }

    public function reopen(Request $request, RightsRequest $asked): RedirectResponse
    {
        return $this->act($asked, 'request', fn () => $this->requests->reopen($asked, SignedIn::user($request)), 'It is to be answered again.');
    }

    public function drop(Request $request, RightsRequest $asked): RedirectResponse
    {
        return $this->act(
            $asked, 'request', fn () => $this->requests->drop($asked, SignedIn::user($request)), 'It is no request any more; the message stays as it is.'
        );
    }

    /** @param  Closure(): void  $do */
    private function act(RightsRequest $asked, string $field, Closure $do, string $says): RedirectResponse
    {
        $to = $asked->enquiry_id === null ? redirect()->route('requests') : redirect()->route('enquiries.show', $asked->enquiry_id->hex());
        try {
            $do();
        } catch (Refused $e) {
            return RefusedAnswer::onForm($to, $field, $e);
        }

        return $to->with('said', $says);
    }

    /**
     * Addresses stand in no file.
     *
     * @return list<string>
     */
    private static function line(RightsRequest $request): array
    {
        return [
            $request->asks->value, (string) $request->asks->article(), $request->received_at->text(), $request->due_on->text,
            (string) $request->answered_at?->text(), $request->why_longer === null ? 'no' : 'yes', $request->edition->point->slug,
        ];
    }
}
