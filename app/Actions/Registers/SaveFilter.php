<?php

declare(strict_types=1);

namespace App\Actions\Registers;

use App\Actions\ActRefusal;
use App\Models\SavedFilter;
use App\Models\User;
use Juramen\Canon\Refused;

/** Keeps a filter of the people on a list by a name, or drops it. */
final class SaveFilter
{
    private const LONGEST = 60;

    /** Filters of one list, each of which is counted whenever it is shown. */
    private const MOST = 20;

    /** @throws Refused where it has no name, or there are too many */
    public function save(string $list, string $name, string $query, User $by): void
    {
        if ($name === '' || mb_strlen($name) > self::LONGEST) {
            throw Refused::because(ActRefusal::FilterName, most: self::LONGEST);
        }
        if ($query === '') {
            throw Refused::because(ActRefusal::FilterOpen);
        }
        $others = SavedFilter::query()->where('list', $list)->where('name', '<>', $name)->count();
        if ($others >= self::MOST) {
            throw Refused::because(ActRefusal::FilterMany, most: self::MOST);
        }
        SavedFilter::query()->updateOrCreate(['list' => $list, 'name' => $name], ['query' => $query, 'user_id' => $by->id]);
    }

    public function drop(string $list, int $id): void
    {
        SavedFilter::query()->whereKey($id)->where('list', $list)->delete();
    }
}
