<?php

declare(strict_types=1);

namespace App\Http\Controllers\Office;

use App\Actions\Delivery\Deliveries;
use App\Http\Requests\SeveralRequest;
use App\Models\Delivery;
use App\Models\DeliveryState;
use App\Models\User;
use App\Pages\Office\MailsPage;
use App\Queries\Office\ListDeliveries;
use App\Queries\Registers\RegistersInForce;
use App\Support\Csv;
use App\Support\SignedIn;
use App\Support\Sorting;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Mails on their way, without addresses; uncertain ones wait for a person's decision. */
final class MailController
{
    private const COLUMNS = ['laid_out', 'mail', 'language', 'point', 'edition', 'tries', 'problem', 'message_id'];

    public function index(Request $request, ListDeliveries $list, RegistersInForce $inForce): View|StreamedResponse
    {
        $state = DeliveryState::tryFrom((string) $request->query('state')) ?? DeliveryState::Uncertain;

        $sorting = Sorting::parse($request->query('sort'), array_keys(ListDeliveries::BY), '-made');

        return $request->query('as') === 'csv'
            ? Csv::respond("mails-{$state->value}.csv", self::COLUMNS, $list->all($state)->map(self::line(...)))
            : view('office.mails', ['page' => MailsPage::of($list, $state, $sorting, $inForce->nameOf(...))]);
    }

    public function again(Request $request, Delivery $delivery, Deliveries $deliveries): RedirectResponse
    {
        // Back to the list that it stood in.
        $stood = $delivery->state;
        $said = $deliveries->sendAgain($delivery, SignedIn::user($request)) ? 'It is sent once more.' : 'Somebody was quicker; nothing was changed.';

        return redirect()->route('mails', ['state' => $stood->value])->with('said', $said);
    }

    public function leave(Request $request, Delivery $delivery, Deliveries $deliveries): RedirectResponse
    {
        $said = $deliveries->leave($delivery, SignedIn::user($request)) ? 'It is left as it is. It stands under “Left”, from where it can still be sent again.'
            : 'Somebody was quicker; nothing was changed.';

        return redirect()->route('mails', ['state' => DeliveryState::Uncertain->value])->with('said', $said);
    }

    /** The chosen ones, each by itself. */
    public function several(SeveralRequest $request, Deliveries $deliveries): RedirectResponse
    {
        $found = static fn (string $id): ?Delivery => ctype_digit($id) ? Delivery::find((int) $id) : null;
        $stood = DeliveryState::tryFrom($request->string('state')->toString()) ?? DeliveryState::Uncertain;
        $said = match ($request->act()) {
            'again' => $request->each(
                static fn (string $id, User $by): bool => ($mail = $found($id)) !== null && $deliveries->sendAgain($mail, $by), 'sent once more'
            ),
            'leave' => $request->each(static fn (string $id, User $by): bool => ($mail = $found($id)) !== null && $deliveries->leave($mail, $by), 'left'),
            default => abort(404),
        };

        return redirect()->route('mails', ['state' => $stood->value])->with('said', $said);
    }

    /** @return list<string> */
    private static function line(Delivery $mail): array
    {
        return [
            $mail->made_at->text(), $mail->kind->value, $mail->language->value ?? '', $mail->edition->point->slug ?? '', (string) $mail->edition?->number,
            (string) $mail->attempts, $mail->problem ?? '', $mail->idempotency_key,
        ];
    }
}
