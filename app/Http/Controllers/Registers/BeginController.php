<?php

declare(strict_types=1);

namespace App\Http\Controllers\Registers;

use App\Actions\Registers\BeginRecord;
use App\Models\RecordKind;
use App\Support\SignedIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Juramen\Canon\InvalidDocument;

/** New entries of the registers, and statements from a starter or from nothing. */
final class BeginController
{
    public function begin(Request $request, RecordKind $kind, BeginRecord $begin): RedirectResponse
    {
        $user = SignedIn::user($request);
        try {
            $record = $begin($kind, $user, array_map(static fn (mixed $v): string => is_string($v) ? trim(mb_scrub($v)) : '', $request->only(['name', 'starter', 'controller', 'purpose', 'address'])));
        } catch (InvalidDocument $e) {
            return back()->withInput()->withErrors(['name' => $e->getMessage()]);
        }

        return redirect()->route('records.show', [$kind->value, $record->slug]);
    }
}
