<?php

declare(strict_types=1);

namespace App\Support;

use App\Queries\Registers\RegistersInForce;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Juramen\Points\NextStep;
use Juramen\Points\PointEdition;
use Juramen\Register\Language;

/** People are led to a page of the house's own only where the house rules allow its host now, whatever was frozen once. */
final class LedOn
{
    /** Of a request, to which origins its page's forms may lead. */
    public const ORIGINS = 'led-on';

    public function __construct(private readonly RegistersInForce $inForce) {}

    public function afterSending(PointEdition $edition, Language $language): ?RedirectResponse
    {
        return $this->to($edition->sheet->draft->after->sentTo->orNothing($language));
    }

    public function afterConfirming(PointEdition $edition, Language $language): ?RedirectResponse
    {
        return $this->to($edition->sheet->draft->after->confirmedTo->orNothing($language));
    }

    /** The next step on the page after confirming. */
    public function step(PointEdition $edition, Language $language): ?NextStep
    {
        $step = $edition->sheet->draft->after->step($language);

        return $step !== null && $this->inForce->registers()->house->allows($step->to) ? $step : null;
    }

    /** Lets the browser follow from a form on the page that answers this request. */
    public static function allow(Request $request, PointEdition $edition, Language $language): void
    {
        $request->attributes->set(self::ORIGINS, $edition->sheet->draft->after->origins($language));
    }

    private function to(string $address): ?RedirectResponse
    {
        return $address !== '' && $this->inForce->registers()->house->allows($address) ? redirect()->away($address, 303) : null;
    }
}
