<?php

declare(strict_types=1);

use App\Actions\Account\ChangePassword;
use App\Actions\Account\EntryLinks;
use App\Actions\Account\NewPassword;
use App\Actions\Audit\GivenPage;
use App\Actions\Audit\KeepForm;
use App\Actions\Audit\SuspendConsents;
use App\Actions\Audit\TakeAudit;
use App\Actions\Audit\TakeForms;
use App\Actions\Handover\SetDestinationKey;
use App\Actions\Ledger\Seal;
use App\Actions\Points\BeginPoint;
use App\Actions\Points\PausePoint;
use App\Actions\Registers\Approve;
use App\Actions\Registers\BeginRecord;
use App\Actions\Registers\NewRecord;
use App\Actions\Screening\DrawLines;
use App\Actions\Signup\DecideHeld;
use App\Models\EntryLinkKind;
use App\Models\ForeignForm;
use App\Models\HeldDecision;
use App\Models\HeldSubmission;
use App\Models\Point;
use App\Models\ReadHow;
use App\Models\Role;
use App\Models\Suspension;
use App\Models\User;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Queue;
use Juramen\Audit\AuditedFinding;
use Juramen\Audit\Verdict;
use Juramen\Register\RecordKind;
use Juramen\Screening\Costs;
use Juramen\Screening\Lines;
use Tests\Support\Visitor;

uses(Visitor::class);

/* Of two that wait for each other the database breaks one off. What somebody did is done again then, and comes out as if nothing had been. */

/** @return array<string, int> how many rows each table holds */
function rowsOfTables(): array
{
    static $counts = null;
    $owner = DB::connection('owner');
    $counts ??= $owner->table('information_schema.tables')->whereIn('table_schema', [$owner->getDatabaseName(), config('juramen.ledger_schema')])
        ->where('table_type', 'BASE TABLE')->selectRaw("CONCAT(table_schema, '.', table_name) AS name")->pluck('name')
        ->map(static fn (string $table): string => "SELECT '$table' AS name, COUNT(*) AS rows_of FROM $table")->implode(' UNION ALL ');

    return collect($owner->select($counts))->pluck('rows_of', 'name')->map(static fn (mixed $rows): int => (int) $rows)->all();
}

/**
 * Does it once in peace, and then as often as it takes statements within a transaction, broken off behind each of them in turn.
 *
 * @param  callable(int): void  $act  the number is another one each time
 * @param  callable(int): void|null  $before  what comes before it, in peace
 * @return int how many statements it takes
 */
function brokenOff(callable $act, ?callable $before = null): int
{
    [$at, $seen, $broken] = [null, 0, 0];
    DB::listen(function (QueryExecuted $query) use (&$at, &$seen, &$broken): void {
        if ($query->connection->transactionLevel() > 0 && ++$seen === $at) {
            $broken++;
            throw new PDOException('SQLSTATE[40001]: 1213 Deadlock found when trying to get lock; try restarting transaction');
        }
    });
    $adds = function (int $turn) use ($act, $before, &$at, &$seen): array {
        $before === null ?: $before($turn);
        [$was, $at, $seen] = [rowsOfTables(), $turn, 0];
        $act($turn);
        $at = null;
        $more = array_map(static fn (int $now, int $then): int => $now - $then, rowsOfTables(), $was);

        return array_filter(array_combine(array_keys($was), $more));
    };
    $inPeace = $adds(0);
    $statements = $seen;
    // Of many, every other one stands for the next in a short run.
    $step = $statements > 12 && getenv('LONG') !== '1' ? 2 : 1;
    for ($turn = 1, $turns = 0; $turn <= $statements; $turn += $step, $turns++) {
        expect($adds($turn))->toBe($inPeace, "broken off behind statement $turn");
    }
    // The first may have asked for what is remembered afterwards.
    expect($broken)->toBeGreaterThanOrEqual(0.75 * $turns);

    return $statements;
}

function officer(): User
{
    return User::query()->where('role', Role::Officer)->firstOrFail();
}

test('what an officer does comes out whole where it is broken off and done again', function (callable $act, ?callable $prepared = null): void {
    $given = $prepared === null ? null : $prepared();
    expect(brokenOff(static fn (int $turn) => $act($turn, $given)))->toBeGreaterThan(1);
})->with([
    'a statement from a starter' => [fn (int $n) => app(BeginRecord::class)(
        RecordKind::Statement, officer(), new NewRecord("Harbour days $n", controller: 'tidewick-ferries', starter: 'harbour-events')
    ), fn () => app(BeginRecord::class)(RecordKind::Statement, officer(), new NewRecord('First', controller: 'tidewick-ferries', starter: 'harbour-events'))],
    'a controller' => [fn (int $n) => app(BeginRecord::class)(RecordKind::Controller, officer(), new NewRecord("Tidewick Sound $n", 'Pier 2, Ansel'))],
    'a signup point' => [fn (int $n) => app(BeginPoint::class)("Quay desk $n", 'newsletter', 'voyage-news', officer())],
    'the lines' => [fn (int $n) => app(DrawLines::class)(new Lines(20, 50, 90 - $n), new Costs, 'A reason of more than fifteen.', officer())],
    'a key' => [fn (int $n) => app(SetDestinationKey::class)("quayside-$n", "a-key-of-it-$n", officer())],
    'a pause' => [fn (int $n) => app(PausePoint::class)(
        Point::query()->where('slug', 'footer-newsletter')->firstOrFail(), officer(), $n % 2 === 0, 'Its words are being written anew.'
    )],
    'a link to come in by' => [fn () => app(EntryLinks::class)->send(officer(), EntryLinkKind::Password)],
    'a form from elsewhere' => [fn (int $n) => app(TakeForms::class)([new GivenPage("$n.html", "<form>$n<input type=email>", '', ReadHow::Pasted)], officer())],
    'an audit' => [fn () => app(TakeAudit::class)(officer())],
]);

test('what is written over is written, though it was broken off behind any statement', function (): void {
    $officer = officer();
    brokenOff(function (int $n) use ($officer): void {
        [$old, $new] = [$n === 0 ? 'harbour-lamp-42' : 'harbour-lamps-'.($n - 1), NewPassword::typed("harbour-lamps-$n", "harbour-lamps-$n")];
        app(ChangePassword::class)($officer->fresh(), $old, $new, '');
        expect(Hash::check("harbour-lamps-$n", $officer->fresh()->password))->toBeTrue();
    });
    $form = app(TakeForms::class)([new GivenPage('a.html', '<form><input type=email>', '', ReadHow::Pasted)], $officer)->forms[0];
    $fresh = fn (): ForeignForm => $form->fresh() ?? $form;
    brokenOff(function (int $n) use ($fresh, $officer): void {
        app(KeepForm::class)($fresh(), "Called $n", 0, 0, false, $officer);
        expect($fresh()->name)->toBe("Called $n");
    });
    brokenOff(function (int $n) use ($fresh, $officer): void {
        app(KeepForm::class)->putAway($fresh(), $n % 2 === 0, $officer);
        expect($fresh()->put_away_at !== null)->toBe($n % 2 === 0);
    });
});

test('words are approved and published, consents suspended and restored, behind whatever statement it was broken off', function (): void {
    [$runa, $arne] = User::query()->where('role', Role::Officer)->orderBy('id')->get()->all();
    [$point, $statement] = [Point::query()->where('slug', 'footer-newsletter')->firstOrFail(), recordOf('statement', 'voyage-news')];
    $approve = fn (int $n) => app(Approve::class)($statement->name(), $arne, newestOf($statement), '', chosenPoints($statement, 'footer-newsletter'));
    $rewritten = fn (int $n) => written($statement, $runa, 'texts/en', "Yes, {controller} may email me sailings of route $n {rate}. {withdrawal}");
    expect(brokenOff($approve, $rewritten))->toBeGreaterThan(10);
    expect(brokenOff(fn () => publishNow('footer-newsletter', $arne), fn (int $n) => written($point->record, $runa, 'name', "Newsletter $n")))
        ->toBeGreaterThan(10);
    Queue::fake();
    $this->signUp('imke@post.example');
    $breach = fn (int $n): AuditedFinding => new AuditedFinding(['purpose-said', 'rate-said', 'withdrawal-said'][$n % 3], Verdict::Breach, '', '', '', '');
    $lift = fn () => app(SuspendConsents::class)->lift(Suspension::query()->whereNull('lifted_at')->firstOrFail(), 'It was mended, and is shown to be.', $arne);
    brokenOff($lift, fn (int $n) => app(SuspendConsents::class)($point, $breach($n), 'It was ticked from the start.', $runa));
    expect(brokenOff(
        fn (int $n) => app(SuspendConsents::class)($point, $breach($n), 'It was ticked from the start.', $runa), fn (int $n) => $n === 0 ?: $lift()
    ))->toBeGreaterThan(5);
});

test('a sign-up, its confirmation and its end are in the ledger once, behind whatever statement they were broken off', function (): void {
    $this->signUp('before@post.example');
    $marks = [];
    $before = function (int $n) use (&$marks): void {
        $marks[$n] = $this->marks();
    };
    $signUp = function (int $n) use (&$marks): void {
        $this->signUp("imke$n@post.example", marks: $marks[$n])->assertRedirect();
    };
    expect(brokenOff($signUp, $before))->toBeGreaterThan(10);
    $person = fn (int $n) => $this->signUp("malin$n@post.example", marks: $this->marks());
    expect(brokenOff(fn () => $this->post('/confirm', ['token' => $this->confirmToken()])->assertSee('You are signed up'), $person))->toBeGreaterThan(10);
    $confirmed = function (int $n): void {
        $this->signUp("sven$n@post.example", marks: $this->marks());
        $this->post('/confirm', ['token' => $this->confirmToken()]);
    };
    expect(brokenOff(fn () => $this->post('/withdraw', ['token' => $this->withdrawToken()])->assertOk(), $confirmed))->toBeGreaterThan(10);
    config()->set('juramen.screening.undo_seconds', 0);
    $held = function (int $n): void {
        $this->signUp("runa$n@post.example", ['homepage' => 'x'], marks: $this->marks());
        app(DecideHeld::class)(HeldSubmission::query()->max('id'), HeldDecision::Accept, officer());
    };
    expect(brokenOff(fn () => expect(app(DecideHeld::class)->carryOut())->toBe(1), $held))->toBeGreaterThan(10);
    app(Seal::class)();
    expect(verified()->faults)->toBe([]);
});
