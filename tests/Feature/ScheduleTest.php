<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Console\Scheduling\Event;
use Illuminate\Console\Scheduling\Schedule;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Tests\Support\Visitor;

uses(Visitor::class);

/* What the clock does may be done twice, by two schedulers at once or after a crash: the second time changes nothing. */

/** @return array<string, string> what stands in every table that a scheduled job writes to, as a digest */
function standsNow(string $ledger): array
{
    $tables = ['journeys', 'deliveries', 'permissions', 'handovers', 'handover_passes', 'flow_counts', 'held_submissions', 'enquiries', 'disclosures',
        'known_signups', "$ledger.entries", "$ledger.leaves", "$ledger.checkpoints"];
    $stands = [];
    foreach ($tables as $table) {
        $stands[$table] = hash('sha256', serialize(DB::table($table)->get()->map(static fn (object $row): array => (array) $row)->all()));
    }

    return $stands;
}

test('every scheduled job that is run again at the same moment changes nothing more', function (): void {
    foreach (['a', 'b', 'c', 'd'] as $i => $who) {
        $this->signUp("$who@post.example");
        $this->mailsAreTaken();
        $i < 2 ? $this->post('/confirm', ['token' => $this->confirmToken()])->assertOk() : null;
    }
    $this->signUp('held@post.example', ['homepage' => 'x']);
    // Far enough ahead that reminders, lapses and deletions are due.
    foreach ([2, 9, 45] as $days) {
        Carbon::setTestNow(now()->addDays($days));
        $isOurs = static fn (Event $e): bool => $e->description !== null && ! str_contains((string) $e->command, 'artisan');
        $events = array_filter(app(Schedule::class)->events(), $isOurs);
        expect(count($events))->toBeGreaterThan(10);
        foreach ($events as $event) {
            $event->run(app());
            $once = standsNow(config('juramen.ledger_schema'));
            $event->run(app());
            expect(standsNow(config('juramen.ledger_schema')))->toBe($once, "$event->description after $days days");
        }
    }
    expect(User::query()->count())->toBeGreaterThan(0);
});
