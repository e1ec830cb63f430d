<?php

declare(strict_types=1);

use App\Actions\Delivery\OutcomeKind;
use App\Actions\Ledger\Append;
use App\Actions\Ledger\MailCheckpoint;
use App\Actions\Ledger\RotateKey;
use App\Actions\Ledger\Seal;
use App\Actions\Ledger\SealingRefused;
use App\Actions\Ledger\Verification;
use App\Support\KeyStore;
use Illuminate\Database\QueryException;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Consent\Acts\Lapsed;
use Juramen\Consent\Acts\Withdrawn;
use Juramen\Consent\How;
use Juramen\Consent\Target;
use Juramen\Log\TreeHash;
use Juramen\Register\Channel;

test('the running application can neither change nor remove an entry, nor anything that proves it', function (string $statement): void {
    entries(1);
    app(Seal::class)();
    foreach (['entries', 'leaves', 'subtrees', 'checkpoints'] as $table) {
        $before = DB::table($this->ledger($table))->count();
        expect(fn () => DB::statement(str_replace('~', $this->ledger($table), $statement)))->toThrow(QueryException::class, 'denied')
            ->and(DB::table($this->ledger($table))->count())->toBe($before)->toBeGreaterThan(0);
    }
})->with([
    'UPDATE' => ['UPDATE ~ SET '.'`hash` = 1'], 'DELETE' => ['DELETE FROM ~'], 'TRUNCATE' => ['TRUNCATE ~'], 'REPLACE' => ['REPLACE INTO ~ SELECT * FROM ~'],
    'DROP' => ['DROP TABLE ~'], 'ALTER' => ['ALTER TABLE ~ ENGINE=MyISAM'], 'RENAME' => ['RENAME TABLE ~ TO ~2'],
    'duplicate key' => ['INSERT INTO ~ SELECT * FROM ~ AS t ON DUPLICATE KEY UPDATE `made` = 1'],
]);

test('even the owner is stopped by triggers, and nothing cascades into the ledger', function (): void {
    entries(1);
    $before = DB::table($this->ledger('entries'))->count();
    foreach (['UPDATE '.$this->ledger('entries').' SET kind = 1', 'DELETE FROM '.$this->ledger('entries')] as $statement) {
        expect(fn () => DB::connection('owner')->statement($statement))->toThrow(QueryException::class, 'The ledger only grows');
    }
    $keys = DB::connection('owner')->select(
        'SELECT * FROM information_schema.referential_constraints WHERE constraint_schema = ? OR unique_constraint_schema = ?',
        array_fill(0, 2, config('juramen.ledger_schema'))
    );
    expect($keys)->toBe([]);
    DB::connection('owner')->statement('SET FOREIGN_KEY_CHECKS = 0');
    DB::connection('owner')->table('subscribers')->delete();
    DB::connection('owner')->table('subjects')->delete();
    expect(DB::table($this->ledger('entries'))->count())->toBe($before);
});

test('what is entered stands or falls with its transaction', function (): void {
    $subject = entries(1);
    try {
        DB::transaction(function () use ($subject): void {
            app(Append::class)($subject, new Withdrawn(Instant::of(now()), How::LinkPage, [new Target('voyage-news', Channel::Email)]));
            throw new DomainException('something after it fails');
        });
    } catch (DomainException) {
    }
    expect(DB::table($this->ledger('entries'))->where('subject', $subject->bytes)->count())->toBe(1)
        ->and(fn () => app(Append::class)($subject, new Lapsed(Instant::of(now()), Id::random())))->toThrow(LogicException::class, 'inside a transaction');
});

test('the sealer misses nothing that is committed out of order', function (): void {
    $schema = config('juramen.ledger_schema');
    $subjects = [entries(1), entries(0), entries(0)];
    app(Seal::class)();
    config(['database.connections.other' => config('database.connections.runtime')]);
    $other = DB::connection('other');
    $add = static fn ($db, Id $subject) => $db->insert(
        "INSERT INTO `$schema`.entries (id, subject, sequence, kind, recorded, body) VALUES (?, ?, 9, 'x', '2026-01-01', ?)",
        [random_bytes(16), $subject->bytes, random_bytes(40)]
    );
    // The first takes its position first and commits later than the second.
    $other->beginTransaction();
    $add($other, $subjects[1]);
    DB::transaction(fn () => $add(DB::connection(), $subjects[2]));
    expect(app(Seal::class)())->toBe(1);
    foreach ([10, 20, 20] as $minutes) {
        Carbon::setTestNow(now()->addMinutes($minutes));
        entries(1, $subjects[0]);
        expect(app(Seal::class)())->toBe(1);
    }
    $other->commit();
    expect(app(Seal::class)())->toBe(1)->and(app(Seal::class)())->toBe(0);

    // One that stays open for hours, longer than any may, is found by the hourly look through everything.
    $other->beginTransaction();
    $add($other, entries(0));
    foreach ([5, 90, 90] as $minutes) {
        Carbon::setTestNow(now()->addMinutes($minutes));
        entries(1, $subjects[0]);
        app(Seal::class)();
    }
    $other->commit();
    expect(app(Seal::class)(everything: true))->toBe(1)
        ->and(
            DB::selectOne("SELECT COUNT(*) AS n FROM `$schema`.entries e LEFT JOIN `$schema`.leaves l ON l.position = e.position WHERE l.leaf IS NULL")->n
        )->toBe(0);
});

test('sealing in many small steps gives the same tree as in one', function (): void {
    foreach ([1, 2, 5, 1, 8] as $count) {
        entries($count);
        app(Seal::class)();
    }
    $hashes = DB::table($this->ledger('entries'))->orderBy('position')->pluck('body')->map(TreeHash::ofLeaf(...))->all();
    $root = Juramen\Log\Range::hash(0, count($hashes), Juramen\Log\MemorySubtrees::ofLeaves($hashes));
    expect(app(KeyStore::class)->keyRing()->open((string) app(KeyStore::class)->lastCheckpoint())->root)->toEqual($root)
        ->and(verified()->faults)->toBe([])->and(verified()->checkpoints)->toBe(5);
});

test('one changed byte, written as the owner, is found and its entry named', function (): void {
    entries(6);
    app(Seal::class)();
    $entry = DB::table($this->ledger('entries'))->where('kind', '<>', 'approved')->orderBy('position')->skip(3)->first();
    $changed = str_replace('link-page', 'link-pagf', $entry->body);
    asOwner('entries', 'UPDATE ~ SET body = ? WHERE position = ?', [$changed, $entry->position]);
    $faults = verified()->faults;
    expect($faults)->not->toBe([])->and($faults[0]->entry)->toBe(bin2hex($entry->id));
    $this->artisan('ledger:verify', ['--json' => true])->expectsOutputToContain(bin2hex($entry->id))->assertExitCode(1);
});

test('whoever changes the leaf as well is found by the tree, and by a checkpoint kept elsewhere', function (): void {
    entries(9);
    app(Seal::class)();
    $kept = (string) app(KeyStore::class)->lastCheckpoint();
    $entry = DB::table($this->ledger('entries'))->where('kind', '<>', 'approved')->orderBy('position')->skip(4)->first();
    $changed = str_replace('link-page', 'one-click', $entry->body);
    asOwner('entries', 'UPDATE ~ SET body = ? WHERE position = ?', [$changed, $entry->position]);
    asOwner('leaves', 'UPDATE ~ SET hash = ? WHERE position = ?', [TreeHash::ofLeaf($changed)->bytes, $entry->position]);
    $leaf = DB::table($this->ledger('leaves'))->where('position', $entry->position)->value('leaf');
    expect(array_filter(verified()->faults, static fn ($f): bool => $f->leaf !== null && abs($f->leaf - $leaf) <= 1))->not->toBe([]);

    // Everything in the database made anew: only what was kept outside tells.
    $owner = DB::connection('owner');
    foreach (['leaves', 'subtrees', 'checkpoints'] as $table) {
        $owner->statement("TRUNCATE {$this->ledger($table)}");
    }
    foreach (['chain_heads', 'chain_map'] as $table) {
        $owner->statement("TRUNCATE $table");
    }
    unlink(config('juramen.keys').'/checkpoint');
    app(Seal::class)();
    $treeFaults = static fn (Verification $found): array => array_filter($found->faults, static fn ($f): bool => str_contains($f->what, 'heckpoint'));
    expect($treeFaults(verified()))->toBe([])->and($treeFaults(verified($kept)))->not->toBe([]);
});

test('a missing entry, a false column and a false value are found', function (): void {
    $subject = entries(4);
    app(Seal::class)();
    $rows = DB::table($this->ledger('entries'))->where('kind', '<>', 'approved')->orderBy('position')->get();
    asOwner('entries', 'UPDATE ~ SET recorded = ? WHERE position = ?', ['2020-01-01 00:00:00', $rows[1]->position]);
    asOwner('entries', 'DELETE FROM ~ WHERE position = ?', [$rows[3]->position]);
    DB::table('disclosures')->insert(
        [
            'subject' => $subject->bytes, 'entry' => $rows[2]->id, 'digest' => random_bytes(32),
            'text' => Juramen\Log\Disclosure::make('email', 'x@post.example')->text,
        ]
    );
    $said = implode("\n", array_map(static fn ($f): string => "{$f->entry} {$f->what}", verified()->faults));
    expect($said)->toContain('A sealed entry is gone')->toContain(bin2hex($rows[1]->id).' The columns')
        ->toContain(bin2hex($rows[2]->id).' A personal value')->toContain(bin2hex($rows[4]->id).' This entry does not follow');
});

test('a restored older database makes sealing refuse', function (): void {
    entries(3);
    app(Seal::class)();
    $sealed = DB::table($this->ledger('leaves'))->count();
    $older = sys_get_temp_dir().'/juramen-older-'.getmypid().'.sql';
    $schema = config('juramen.ledger_schema');
    $connect = '--no-defaults --socket='.escapeshellarg(config('database.connections.owner.unix_socket'));
    exec("mariadb-dump $connect ".escapeshellarg($schema)." > $older", result_code: $code);
    expect($code)->toBe(0);
    entries(2);
    app(Seal::class)();
    exec("mariadb $connect ".escapeshellarg($schema)." < $older", result_code: $code);
    unlink($older);
    expect($code)->toBe(0)->and(fn () => app(Seal::class)())->toThrow(SealingRefused::class, 'an older database was restored');

    // Grown again to the same size, with other entries: still refused, and nothing is sealed.
    entries(4);
    $this->artisan('ledger:seal')->assertExitCode(2);
    expect(DB::table($this->ledger('leaves'))->count())->toBe($sealed)->and(verified()->faults)->not->toBe([]);
});

test('after a change of keys the old checkpoints still hold and new ones are signed by the new key', function (): void {
    entries(2);
    app(Seal::class)();
    $old = app(KeyStore::class)->keyRing()->newest();
    $before = (string) app(KeyStore::class)->lastCheckpoint();
    $new = app(RotateKey::class)();
    app(Seal::class)();
    $after = (string) app(KeyStore::class)->lastCheckpoint();
    $signed = static fn (string $note, $key): bool => Juramen\Log\SignedNote::parse($note)->isSignedBy($key);
    expect($signed($before, $old))->toBeTrue()->and($signed($after, $new))->toBeTrue()->and($signed($after, $old))->toBeFalse()
        ->and(verified($before)->faults)->toBe([])->and(DB::table($this->ledger('entries'))->where('kind', 'key-rotated')->count())->toBe(1);
    $this->get('/ledger/keys')->assertOk()->assertSee($old->text())->assertSee($new->text());
    $this->get('/ledger/checkpoint')->assertOk()->assertContent($after);
});

test('what waits too long to be sealed is said', function (): void {
    entries(2);
    app(Seal::class)();
    Carbon::setTestNow(now()->addMinutes(1));
    entries(1);
    expect(verified()->faults)->toBe([]);
    Carbon::setTestNow(now()->addMinutes(2));
    expect(verified()->overdue)->toBe(1);
    $this->artisan('ledger:verify', ['--against' => '/nowhere'])->assertExitCode(2);
});

test('every auditor gets the day\'s checkpoint once, and again only where it was not taken', function (): void {
    entries(2);
    app(Seal::class)();
    $auditor = App\Models\User::query()->where('role', 'auditor')->firstOrFail();
    $auditor->forceFill(['email' => $to = someone()])->save();
    mailServer('later');
    app(MailCheckpoint::class)();
    expect(work())->toBe([OutcomeKind::NotNow]);
    mailServer('accept');
    Carbon::setTestNow(now()->addMinute());
    app(MailCheckpoint::class)();
    expect(work())->toBe([OutcomeKind::Accepted])->and(arrived($to))->toHaveCount(1);
    $this->actingAs($auditor)->get('/mails?state=sent')->assertOk()->assertSee('to a colleague')->assertDontSee($to);
    // What arrives is what verifying is held against.
    preg_match('/^juramen\.tidewick\.example.*?\n\n— .*?\n/ms', arrived($to)[0]['text'], $note);
    expect(verified($note[0])->faults)->toBe([])->and(arrived($to)[0]['text'])->toContain(app(KeyStore::class)->keyRing()->newest()->text());
    // Each day brings one; yesterday's that never went out is not sent late.
    Carbon::setTestNow(now()->addDay());
    app(MailCheckpoint::class)();
    Carbon::setTestNow(now()->addDay());
    app(MailCheckpoint::class)();
    expect(work())->toBe([OutcomeKind::Refused, OutcomeKind::Accepted])->and(arrived($to))->toHaveCount(2);
});
