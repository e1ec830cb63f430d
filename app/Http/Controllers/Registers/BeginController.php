<?php

declare(strict_types=1);

namespace App\Http\Controllers\Registers;

use App\Actions\Registers\BeginRecord;
use App\Http\RefusedAnswer;
use App\Http\Requests\BeginRequest;
use App\Support\SignedIn;
use Illuminate\Http\RedirectResponse;
use Juramen\Canon\Refused;
use Juramen\Register\RecordKind;

/** New entries of the registers, and statements from a starter or from nothing. */
final class BeginController
{
    public function begin(BeginRequest $request, RecordKind $kind, BeginRecord $begin): RedirectResponse
    {
        try {
            $record = $begin($kind, SignedIn::user($request), $request->record());
        } catch (Refused $e) {
            return RefusedAnswer::onForm(back(), 'name', $e);
        }

        return redirect()->route('records.show', [$kind->value, $record->slug]);
    }
}
