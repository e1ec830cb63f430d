<?php

declare(strict_types=1);

namespace App\Http\Controllers\Registers;

use App\Actions\Registers\BeginRecord;
use App\Actions\Registers\CopyStatement;
use App\Actions\Registers\RenameStatement;
use App\Http\RefusedAnswer;
use App\Http\Requests\BeginRequest;
use App\Models\Record;
use App\Support\SignedIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
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
            return RefusedAnswer::onForm(back(), "name-$kind->value", $e);
        }

        return redirect()->route('records.show', [$kind->value, $record->slug]);
    }

    public function rename(Request $request, string $slug, RenameStatement $rename): RedirectResponse
    {
        return $this->back($slug, 'rename', function () use ($request, $slug, $rename): RedirectResponse {
            $record = Record::named(RecordKind::Statement, $slug);
            $was = $record->called();
            $rename($record, $request->string('rename')->toString(), SignedIn::user($request));

            return redirect()->route('records.show', ['statement', $slug])->with('said', "It was called “{$was}”. What people agreed to is not touched.");
        });
    }

    public function copy(Request $request, string $slug, CopyStatement $copy): RedirectResponse
    {
        return $this->back($slug, 'copy', function () use ($request, $slug, $copy): RedirectResponse {
            $made = $copy(Record::named(RecordKind::Statement, $slug), $request->string('copy')->trim()->toString(), SignedIn::user($request));

            return redirect()->route('records.show', ['statement', $made->slug])->with('said', 'Copied, as a draft.');
        });
    }

    /** @param  callable(): RedirectResponse  $do */
    private function back(string $slug, string $field, callable $do): RedirectResponse
    {
        try {
            return $do();
        } catch (Refused $e) {
            return RefusedAnswer::onForm(redirect()->route('records.show', ['statement', $slug]), $field, $e);
        }
    }
}
