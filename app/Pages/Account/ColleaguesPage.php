<?php

declare(strict_types=1);

namespace App\Pages\Account;

use App\Models\Role;
use App\Models\User;
use App\Pages\Controls\Option;
use App\Queries\Account\ListColleagues;
use App\Support\Sorting;

/** Everybody who works here, as filtered and sorted, and the form that invites somebody. */
final readonly class ColleaguesPage
{
    public const COLUMNS = ['name', 'email', 'role', 'state', 'code', 'last'];

    /** @var list<ColleagueRow> */
    public array $rows;

    /** @var list<Option> */
    public array $states;

    /** @var list<Option> to invite somebody as */
    public array $roles;

    /** How many of whom, in words. */
    public string $found;

    public function __construct(ListColleagues $list, public string $words, ?ColleagueState $state, public Sorting $sorting)
    {
        $invitations = $list->invitations();
        $all = array_map(static fn (User $user): ColleagueRow => ColleagueRow::of($user, $invitations->get($user->id)), $list());
        $this->rows = $sorting->sort(
            array_values(array_filter($all, static fn (ColleagueRow $r): bool => $r->matches($words) && ($state === null || $r->state === $state))),
            static fn (ColleagueRow $row, string $column): string => $row->cell($column)
        );
        $count = static fn (ColleagueState $s): int => count(array_filter($all, static fn (ColleagueRow $r): bool => $r->state === $s));
        $invited = $count(ColleagueState::Invited);
        $this->found = $count(ColleagueState::Working).' work here'.($invited === 0 ? '' : ", $invited invited");
        $names = ['' => 'everybody'];
        foreach (ColleagueState::cases() as $each) {
            $names[$each->value] = 'who '.match ($each) {
                ColleagueState::Working => 'works here', ColleagueState::Invited => 'was invited', ColleagueState::Ended => 'worked here',
            };
        }
        $this->states = Option::all($names, [$state->value ?? '']);
        $this->roles = self::roles(is_string($old = old('role')) ? $old : Role::Editor->value);
    }

    /** @return list<Option> */
    public static function roles(string $chosen): array
    {
        $names = [];
        foreach (Role::cases() as $role) {
            $names[$role->value] = "$role->value: {$role->does()}";
        }

        return Option::all($names, [$chosen]);
    }
}
