<?php

declare(strict_types=1);

use App\Actions\Ledger\Append;
use App\Actions\Ledger\Verification;
use App\Actions\Ledger\VerifyLedger;
use App\Models\Subscriber;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Consent\Acts\Withdrawn;
use Juramen\Consent\How;
use Juramen\Consent\Target;
use Juramen\Register\Channel;

/* Entries, what verifying says, and what somebody with every right on the database does. */

/** A person who withdraws a number of times: the shortest way to entries. */
function entries(int $count, ?Id $subject = null): Id
{
    $subject ??= DB::transaction(function (): Id {
        $id = app(Append::class)->begin('person')->subject;
        Subscriber::query()->create(['subject' => $id, 'controller_id' => 1, 'first_seen' => Instant::of(now())]);

        return $id;
    });
    for ($i = 0; $i < $count; $i++) {
        DB::transaction(fn () => app(Append::class)($subject, new Withdrawn(Instant::of(now()), How::LinkPage, [new Target('voyage-news', Channel::Email)])));
    }

    return $subject;
}

/** Somebody with every right on the database takes a subject away. */
function withoutSubject(Id $subject): void
{
    $owner = DB::connection('owner');
    $owner->statement('SET FOREIGN_KEY_CHECKS = 0');
    $owner->table('subjects')->where('id', $subject->bytes)->delete();
    $owner->statement('SET FOREIGN_KEY_CHECKS = 1');
}

function verified(?string $against = null): Verification
{
    return app(VerifyLedger::class)($against, fn () => null);
}

/** Writes as the owner, who can take the triggers away first. */
function asOwner(string $table, string $statement, array $values = []): void
{
    $schema = config('juramen.ledger_schema');
    $trigger = DB::connection('owner')->selectOne(
        "SHOW CREATE TRIGGER `$schema`.`{$table}_no_".(str_starts_with($statement, 'UPDATE') ? 'update' : 'delete').'`'
    );
    DB::connection('owner')->unprepared("DROP TRIGGER `$schema`.`{$trigger->Trigger}`");
    DB::connection('owner')->statement(str_replace('~', "`$schema`.`$table`", $statement), $values);
    DB::connection('owner')->unprepared("USE `$schema`");
    DB::connection('owner')->unprepared(preg_replace('/DEFINER=\S+ /', '', $trigger->{'SQL Original Statement'}));
    DB::connection('owner')->unprepared('USE `'.config('database.connections.owner.database').'`');
}
