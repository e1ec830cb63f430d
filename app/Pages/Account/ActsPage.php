<?php

declare(strict_types=1);

namespace App\Pages\Account;

use App\Models\Act;
use App\Models\ActArea;
use App\Pages\Controls\Option;
use App\Queries\Account\ActFilter;
use App\Queries\Account\ListActs;
use App\Queries\Account\ListColleagues;
use Illuminate\Contracts\Support\Htmlable;
use Illuminate\Support\LazyCollection;

/** What was done here, as filtered. */
final readonly class ActsPage
{
    /** @var list<ActRow> */
    public array $rows;

    /** @var list<Option> */
    public array $people;

    /** @var list<Option> */
    public array $areas;

    public Htmlable $pages;

    public string $csv;

    public function __construct(public ActFilter $filter, ListActs $list, ListColleagues $colleagues, ActNames $names)
    {
        $page = $list->page($filter, $names->kindsWith($filter->words), $names->aboutWith($filter->words));
        $this->rows = array_map(static fn (Act $act): ActRow => ActRow::of($act, $names), array_values($page->items()));
        $this->pages = $page->links('office.pages');
        $people = ['' => 'anybody'];
        foreach ($colleagues() as $user) {
            $people[$user->id] = $user->name;
        }
        $this->people = Option::all($people, [(string) $filter->who]);
        $areas = ['' => 'anything'];
        foreach (ActArea::cases() as $area) {
            $areas[$area->value] = (string) __("office.act-areas.$area->value");
        }
        $this->areas = Option::all($areas, [$filter->area->value ?? '']);
        $this->csv = route('acts', [...$filter->query(), 'as' => 'csv']);
    }

    /**
     * For a file.
     *
     * @return LazyCollection<int, list<string>>
     */
    public static function lines(ActFilter $filter, ListActs $list, ActNames $names): LazyCollection
    {
        return $list->all($filter, $names->kindsWith($filter->words), $names->aboutWith($filter->words))
            ->map(static fn (Act $act): array => self::line($act, $names));
    }

    /** @return list<string> */
    private static function line(Act $act, ActNames $names): array
    {
        return [$act->at->text(), $act->user->name ?? '', $act->kind->value, $act->about, $act->detail, ActRow::of($act, $names)->sentence()];
    }
}
