<?php

declare(strict_types=1);

namespace App\Http\Controllers\Registers;

use App\Models\Record;
use App\Pages\Registers\ShowHistory;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Juramen\Register\RecordKind;

/** Any two states or languages of a record, compared; its revisions, proposals and editions. */
final class RecordHistoryController
{
    public function show(Request $request, RecordKind $kind, string $slug, ShowHistory $show): View
    {
        $asked = static fn (string $name): string => is_string($of = $request->query($name)) ? $of : '';

        return view('records.history', ['page' => $show->of(Record::named($kind, $slug), $asked('from'), $asked('to'), $asked('left'), $asked('right'))]);
    }
}
