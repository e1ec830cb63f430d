<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lists;

use App\Actions\Handover\SetDestinationKey;
use App\Http\RefusedAnswer;
use App\Models\Record;
use App\Pages\Lists\KeysPage;
use App\Support\SignedIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Juramen\Canon\Refused;
use Juramen\Register\RecordKind;

/** The keys by which destinations know us: set here, shown nowhere. */
final class KeyController
{
    public function index(KeysPage $page): View
    {
        return view('lists.keys', ['rows' => $page->rows()]);
    }

    public function set(Request $request, string $slug, SetDestinationKey $set): RedirectResponse
    {
        $record = Record::named(RecordKind::Destination, $slug);
        $back = redirect()->route('keys');
        try {
            $set($record->slug, $request->string('secret')->toString(), SignedIn::user($request));
        } catch (Refused $e) {
            return RefusedAnswer::onForm($back, "secret-$slug", $e);
        }

        return $back->with('said', 'The key is set. What waited for it is tried at once.');
    }
}
