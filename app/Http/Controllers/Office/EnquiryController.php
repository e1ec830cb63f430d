<?php

declare(strict_types=1);

namespace App\Http\Controllers\Office;

use App\Actions\ActLog;
use App\Actions\Signup\DeleteKept;
use App\Actions\Signup\WorkOnEnquiry;
use App\Http\RefusedAnswer;
use App\Http\Requests\SeveralRequest;
use App\Models\ActKind;
use App\Models\Enquiry;
use App\Models\RightsRequest;
use App\Models\User;
use App\Pages\Controls\Option;
use App\Pages\Office\EnquiriesPage;
use App\Pages\Office\EnquiryRow;
use App\Pages\Office\RequestRow;
use App\Pages\Office\RequestsPage;
use App\Queries\Account\ListColleagues;
use App\Queries\Office\EnquiryFilter;
use App\Queries\Office\ListEnquiries;
use App\Queries\Office\ListRequests;
use App\Queries\Points\PointNames;
use App\Queries\Registers\RegistersInForce;
use App\Support\Csv;
use App\Support\PublishedForms;
use App\Support\SignedIn;
use App\Support\SystemClock;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Juramen\Canon\Id;
use Juramen\Canon\Refused;
use Juramen\Upkeep\Right;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What people sent besides their consent: messages, entries, orders; and what is done about them. */
final class EnquiryController
{
    private const COLUMNS = ['received', 'point', 'edition', 'language', 'state', 'doubtful', 'closed', 'deleted_by_itself'];

    public function __construct(private readonly WorkOnEnquiry $work) {}

    public function index(
        Request $request, ListEnquiries $list, ListRequests $requests, PointNames $points, RegistersInForce $inForce
    ): View|StreamedResponse {
        [$filter, $user] = [EnquiryFilter::from($request), SignedIn::user($request)];

        return $request->query('as') === 'csv' ? Csv::respond('enquiries.csv', self::COLUMNS, $list->all($filter, $user)->map(self::line(...)))
            : view('office.enquiries', ['page' => EnquiriesPage::of($filter, $user, $list, $requests, $points, $inForce)]);
    }

    public function show(
        Request $request, Enquiry $enquiry, RegistersInForce $inForce, PublishedForms $published, ListColleagues $colleagues, ListRequests $requests,
        ActLog $log, SystemClock $clock
    ): View {
        $user = SignedIn::user($request);
        $sheet = $published->edition($enquiry->edition->digest)->sheet->draft;
        $log->seen($user, ActKind::ReadEnquiry, $enquiry->edition->point->slug);
        $may = self::takers($colleagues, $enquiry);
        $name = $inForce->nameOf($enquiry->edition->point->slug);

        return view('office.enquiry', [
            'row' => EnquiryRow::of($enquiry, $name, $sheet), 'may' => $user->can('work', $enquiry),
            'takers' => [
                new Option('', 'nobody yet', $enquiry->user_id === null),
                ...array_map(static fn (User $u): Option => new Option((string) $u->id, $u->name, $u->id === $enquiry->user_id), $may),
            ],
            'asked' => array_map(static fn (RightsRequest $r): RequestRow => RequestRow::of($r, $enquiry, $name, $clock->today()), $requests->of($enquiry->id)),
            'rights' => RequestsPage::rights(Right::tryFrom((string) $request->old('asks'))),
            'mine' => $enquiry->user_id === $user->id, 'me' => $user->id,
        ]);
    }

    public function give(Request $request, Enquiry $enquiry, ListColleagues $colleagues): RedirectResponse
    {
        $to = $request->string('to')->toString();
        $taker = array_values(array_filter(self::takers($colleagues, $enquiry), static fn (User $u): bool => (string) $u->id === $to))[0] ?? null;
        if ($to !== '' && $taker === null) {
            return back()->withErrors(['to' => 'Whoever is to work on it must be an officer or an editor of its controller. Choose one of the list.']);
        }
        $done = $this->work->give($enquiry->id, $taker, SignedIn::user($request));

        return $this->back($enquiry, $done, $taker === null ? 'Given back. It waits for somebody.' : "{$taker->name} works on it now.");
    }

    public function close(Request $request, Enquiry $enquiry): RedirectResponse
    {
        try {
            return $this->back($enquiry, $this->work->close($enquiry->id, SignedIn::user($request)), 'Closed. From now on its days are counted.');
        } catch (Refused $e) {
            return RefusedAnswer::onForm(redirect()->route('enquiries.show', $enquiry), 'act', $e);
        }
    }

    public function spam(Request $request, Enquiry $enquiry): RedirectResponse
    {
        try {
            $done = $this->work->spam($enquiry->id, SignedIn::user($request));

            return $this->back($enquiry, $done, 'Read as spam: it teaches screening, and is deleted after '.WorkOnEnquiry::SPAM_DAYS.' days.');
        } catch (Refused $e) {
            return RefusedAnswer::onForm(redirect()->route('enquiries.show', $enquiry), 'act', $e);
        }
    }

    public function reopen(Request $request, Enquiry $enquiry): RedirectResponse
    {
        return $this->back($enquiry, $this->work->reopen($enquiry->id, SignedIn::user($request)), 'Open again. It is not deleted by itself until it is closed.');
    }

    /** The message is a withdrawal. */
    public function withdraw(Request $request, Enquiry $enquiry): RedirectResponse
    {
        $done = $this->work->withdraw($enquiry->id, SignedIn::user($request));

        return $this->back($enquiry, $done, 'Recorded as a withdrawal from the moment it arrived. Whatever was agreed to with this address until then has ended;'
            .' whether there was anything is told to nobody here.');
    }

    public function delete(Request $request, string $id, DeleteKept $delete): RedirectResponse
    {
        try {
            $gone = preg_match('/^[0-9a-f]{32}$/D', $id) === 1 && $delete->enquiry(Id::fromHex($id), SignedIn::user($request));
        } catch (Refused $e) {
            return RefusedAnswer::onForm(redirect()->route('enquiries.show', $id), 'act', $e);
        }

        return redirect()->route('enquiries')->with('said', $gone ? 'Deleted. Nothing is kept of it.' : 'It was gone already.');
    }

    public function several(SeveralRequest $request, DeleteKept $delete): RedirectResponse
    {
        $id = static fn (string $id): ?Id => preg_match('/^[0-9a-f]{32}$/D', $id) === 1 ? Id::fromHex($id) : null;
        [$do, $done] = match ($request->act()) {
            'delete' => [static fn (Id $one, User $by): bool => $delete->enquiry($one, $by), 'deleted'],
            'close' => [fn (Id $one, User $by): bool => $this->work->close($one, $by), 'closed'],
            default => abort(404),
        };

        return redirect()->route('enquiries')->with('said', $request->each(
            static fn (string $one, User $by): bool => ($known = $id($one)) !== null && $do($known, $by), $done
        ));
    }

    private function back(Enquiry $enquiry, bool $done, string $says): RedirectResponse
    {
        return redirect()->route('enquiries.show', $enquiry)->with('said', $done ? $says : 'Somebody else was quicker; this is how it stands now.');
    }

    /** @return list<User> who may work on it */
    private static function takers(ListColleagues $colleagues, Enquiry $enquiry): array
    {
        return array_values(array_filter($colleagues(), static fn (User $u): bool => ! $u->hasEnded() && $u->can('work', $enquiry)));
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
            $enquiry->state->value, $enquiry->doubtful ? 'yes' : 'no', (string) $enquiry->closed_at?->text(), (string) $enquiry->deleted_at?->text(),
        ];
    }
}
