<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Actions\Account\Accounts;
use App\Actions\ActRefusal;
use App\Http\RefusedAnswer;
use App\Models\Act;
use App\Models\User;
use App\Pages\Account\ActNames;
use App\Pages\Account\ActRow;
use App\Pages\Account\ColleagueRow;
use App\Pages\Account\ColleaguesPage;
use App\Pages\Account\ColleagueState;
use App\Pages\Controls\Option;
use App\Queries\Account\ListActs;
use App\Queries\Account\ListColleagues;
use App\Queries\Registers\RegistersInForce;
use App\Support\Csv;
use App\Support\SignedIn;
use App\Support\Sorting;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Juramen\Canon\Refused;
use Juramen\Register\Controller;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The accounts of those who work here, for administrators. */
final class ColleagueController
{
    public function __construct(private readonly Accounts $accounts, private readonly ListColleagues $list) {}

    public function index(Request $request): View|StreamedResponse
    {
        $text = static fn (string $name): string => is_string($request->query($name)) ? $request->query($name) : '';
        $page = new ColleaguesPage(
            $this->list, mb_substr(trim($text('q')), 0, 100), ColleagueState::tryFrom($text('state')),
            Sorting::parse($request->query('sort'), ColleaguesPage::COLUMNS, 'name')
        );

        return $text('as') === 'csv' ? Csv::respond('accounts.csv', ['name', 'email', 'role', 'state', 'second_factor', 'last_signed_in'], array_map(
            static fn (ColleagueRow $r): array => [$r->name, $r->email, $r->role, $r->state->value, $r->asksForCode ? 'yes' : 'no', $r->seen], $page->rows
        )) : view('account.colleagues', ['page' => $page]);
    }

    public function invite(Request $request): RedirectResponse
    {
        try {
            $user = $this->accounts->invite(SignedIn::user($request), ...self::given($request));
        } catch (Refused $e) {
            return RefusedAnswer::onForm(redirect()->route('accounts'), self::field($e), $e);
        }

        return redirect()->route('accounts')->with('said', "$user->name is invited; a mail says how to set a password. The link holds a week.");
    }

    public function show(Request $request, User $user, ListActs $acts, ActNames $names, RegistersInForce $inForce): View
    {
        $works = $user->loadMissing('controllers')->controllers->pluck('slug')->all();
        $role = is_string($old = old('role')) ? $old : $user->role->value;

        return view('account.colleague', [
            'row' => ColleagueRow::of($user, $this->list->invitations()->get($user->id)), 'roles' => ColleaguesPage::roles($role),
            'controllers' => array_map(
                static fn (Controller $c): Option => new Option($c->id->text, $c->name, in_array($c->id->text, $works, true)),
                $inForce->registers()->controllers->all()
            ),
            'acts' => array_map(static fn (Act $act): ActRow => ActRow::of($act, $names, SignedIn::user($request)), $acts->ofAccount($user)),
        ]);
    }

    public function change(Request $request, User $user): RedirectResponse
    {
        return $this->done($request, $user, self::field(...), 'Changed.', function (User $by) use ($request, $user): void {
            $this->accounts->change($by, $user, ...self::given($request), controllers: self::controllers($request));
        });
    }

    public function again(Request $request, User $user): RedirectResponse
    {
        return $this->press($request, $user, 'again', 'A new invitation is on its way; links sent before no longer work.', $this->accounts->inviteAgain(...));
    }

    public function end(Request $request, User $user): RedirectResponse
    {
        return $this->press($request, $user, 'end', 'The account has ended, and every session with it. It can be opened again.', $this->accounts->end(...));
    }

    public function reopen(Request $request, User $user): RedirectResponse
    {
        return $this->press($request, $user, 'reopen', 'The account is open again; a mail says how to set a password.', $this->accounts->reopen(...));
    }

    public function drop(Request $request, User $user): RedirectResponse
    {
        $said = 'No code is asked for any more when this person signs in.';

        return $this->press($request, $user, 'drop', $said, $this->accounts->dropSecondFactor(...));
    }

    /**
     * One press of a button, answered beside it.
     *
     * @param  callable(User, User): void  $do  by whom, to whom
     */
    private function press(Request $request, User $user, string $button, string $said, callable $do): RedirectResponse
    {
        return $this->done($request, $user, static fn (): string => $button, $said, static fn (User $by) => $do($by, $user));
    }

    /**
     * @param  callable(Refused): string  $at  where a refusal is answered: at a field, or at the button that was pressed
     * @param  callable(User): mixed  $do
     */
    private function done(Request $request, User $user, callable $at, string $said, callable $do): RedirectResponse
    {
        try {
            $do(SignedIn::user($request));
        } catch (Refused $e) {
            return RefusedAnswer::onForm(redirect()->route('accounts.show', $user), $at($e), $e);
        }
        // Whoever is no administrator any more has nothing more to see here.
        $stays = SignedIn::user($request)->refresh()->can('viewAny', User::class);

        return redirect()->route($stays ? 'accounts.show' : 'desk', $stays ? $user : [])->with('said', $said);
    }

    /** @return array{name: string, email: string, role: string} */
    private static function given(Request $request): array
    {
        return [
            'name' => $request->string('name')->toString(), 'email' => $request->string('email')->toString(), 'role' => $request->string('role')->toString(),
        ];
    }

    /** @return list<string> */
    private static function controllers(Request $request): array
    {
        $given = $request->input('controllers');

        return array_values(array_filter(is_array($given) ? $given : [], is_string(...)));
    }

    private static function field(Refused $e): string
    {
        return match (true) {
            $e->isFor(ActRefusal::PersonAddress), $e->isFor(ActRefusal::AddressTaken) => 'email',
            $e->isFor(ActRefusal::NoSuchRole), $e->isFor(ActRefusal::LastAdministrator) => 'role',
            default => 'name',
        };
    }
}
