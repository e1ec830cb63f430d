<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lists;

use App\Actions\Consent\PersonalValues;
use App\Actions\Registers\SaveFilter;
use App\Http\RefusedAnswer;
use App\Models\CurrentPermission;
use App\Models\Subscriber;
use App\Pages\Lists\PeoplePage;
use App\Queries\Lists\PeopleFilter;
use App\Queries\Lists\PeopleOnList;
use App\Queries\Registers\RegistersInForce;
use App\Support\Csv;
use App\Support\SignedIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Juramen\Canon\Refused;
use Juramen\Register\ContactList;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The people on a list, and filters of them that are kept by a name. */
final class PeopleController
{
    public function __construct(private readonly RegistersInForce $inForce) {}

    public function index(Request $request, string $slug, PeopleOnList $people, PersonalValues $personal): View|StreamedResponse
    {
        $list = $this->list($slug);
        $filter = PeopleFilter::parse($request->query());
        if ($request->query('as') === 'csv') {
            // Addresses stand in no file: the subject leads to the person's page.
            return Csv::respond('people.csv', ['since', 'subject', 'point', 'language'], $people->all($list, $filter)->map(
                static fn (CurrentPermission $p): array => [$p->since->text(), $p->subscriber->subject->hex(), $p->point, $p->language]
            ));
        }

        return view('lists.people', [
            'page' => PeoplePage::of($list, $filter, $people, $personal, $this->inForce),
            'may' => SignedIn::user($request)->can('saveFilter', Subscriber::class), 'tab' => 'lists',
        ]);
    }

    public function save(Request $request, string $slug, SaveFilter $save): RedirectResponse
    {
        parse_str($request->string('query')->toString(), $given);
        $filter = PeopleFilter::parse($given);
        $back = redirect()->to(route('lists.people', $this->list($slug)->id->text)."?{$filter->query()}");
        try {
            $save->save($slug, $request->string('name')->trim()->toString(), $filter->query(), SignedIn::user($request));
        } catch (Refused $e) {
            return RefusedAnswer::onForm($back, 'name', $e);
        }

        return $back->with('said', 'Kept. It stands above the list, with its count, for everybody who sees it.');
    }

    public function drop(string $slug, int $filter, SaveFilter $save): RedirectResponse
    {
        $save->drop($slug, $filter);

        return redirect()->route('lists.people', $slug)->with('said', 'The filter is dropped; nobody left the list by it.');
    }

    private function list(string $slug): ContactList
    {
        return $this->inForce->registers()->lists->get($slug) ?? abort(404);
    }
}
