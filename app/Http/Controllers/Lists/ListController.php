<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lists;

use App\Models\Record;
use App\Models\Subscriber;
use App\Pages\Lists\ListRow;
use App\Pages\Lists\ListsPage;
use App\Support\Csv;
use App\Support\SignedIn;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Juramen\Register\RecordKind;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Lists that permissions lead to, and the destinations that get them. */
final class ListController
{
    public function index(Request $request, ListsPage $page): View|StreamedResponse
    {
        $user = SignedIn::user($request);
        $lists = $page->lists($user->can('viewAny', Subscriber::class));
        if ($request->query('as') === 'csv') {
            return Csv::respond('lists.csv', ListRow::COLUMNS, array_map(static fn (ListRow $r): array => $r->line(), $lists));
        }

        return view('lists.index', [
            'lists' => $lists, 'destinations' => $page->destinations(), 'purposes' => $page->purposes(), 'controllers' => $page->controllers(),
            'may' => $user->can('write', [Record::class, RecordKind::ContactList]),
        ]);
    }
}
