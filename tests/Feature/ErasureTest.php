<?php

declare(strict_types=1);

use App\Actions\Ledger\Seal;
use App\Actions\Ledger\VerifyLedger;
use App\Actions\Signup\LapseJourneys;
use App\Models\FailedWork;
use App\Models\User;
use Illuminate\Support\Carbon;
use Tests\Support\Visitor;

uses(Visitor::class);

/** Every schema that the application writes in, as plain and as hexadecimal dump, and everything else that this instance keeps. */
function everythingKept(): string
{
    $dump = 'mariadb-dump --no-defaults --socket='.escapeshellarg(config('database.connections.owner.unix_socket')).' --skip-lock-tables --databases '
        .config('database.connections.runtime.database').' '.config('juramen.ledger_schema');
    $kept = '';
    foreach (['', '--hex-blob'] as $how) {
        exec("$dump $how 2>/dev/null | base64 -w0", $lines, $code);
        expect($code)->toBe(0);
        $kept .= base64_decode(implode('', $lines));
        $lines = [];
    }
    foreach (glob(storage_path('logs/*')) as $log) {
        $kept .= file_get_contents($log);
    }

    return $kept;
}

/**
 * The forms in which an address could hide. Base64 is looked for in all three alignments, by the part of the code that
 * does not depend on what stands before and after.
 *
 * @return array<string, string>
 */
function hidingPlaces(string $address): array
{
    $forms = ['plain' => $address, 'hex' => bin2hex($address), 'quoted-printable' => str_replace('@', '=40', $address), 'percent' => rawurlencode($address)];
    foreach ([0, 1, 2] as $before) {
        $code = base64_encode(str_repeat('x', $before).$address);
        $from = [0, 2, 3][$before];
        $forms["base64, alignment $before"] = substr(rtrim($code, '='), $from, -1 - (strlen($address) + $before) % 3);
    }
    foreach (['md5', 'sha1', 'sha256', 'sha512', 'crc32b', 'ripemd160'] as $hash) {
        $forms["$hash, hex"] = hash($hash, $address);
        $forms["$hash, base64"] = rtrim(base64_encode(hash($hash, $address, true)), '=');
        if ($hash !== 'crc32b') {
            $forms["$hash, bytes"] = hash($hash, $address, true);
        }
    }

    return $forms;
}

/** @return list<string> */
function foundIn(string $kept, string $address): array
{
    $found = [];
    $low = strtolower($kept);
    foreach (array_unique([$address, strtolower($address)]) as $each) {
        foreach (hidingPlaces($each) as $name => $form) {
            if (str_contains($kept, $form)
                || (in_array($name, ['plain', 'hex', 'quoted-printable', 'percent'], true) && str_contains($low, strtolower($form)))) {
                $found[] = "$name of $each";
            }
        }
    }

    return $found;
}

test('the search itself finds every form it looks for', function (): void {
    foreach (['', 'x', 'xy', 'xyz'] as $before) {
        $text = $before.'Wibke.Unseen@post.example, and so on';
        expect(foundIn(base64_encode($text), 'Wibke.Unseen@post.example'))->not->toBe([])
            ->and(foundIn(strtoupper(bin2hex($text)), 'Wibke.Unseen@post.example'))->not->toBe([]);
    }
    expect(foundIn('key '.sha1('wibke.unseen@post.example'), 'Wibke.Unseen@post.example'))->toBe(['sha1, hex of wibke.unseen@post.example'])
        ->and(foundIn(quoted_printable_encode('=wibke.unseen@post.example'), 'Wibke.Unseen@post.example'))->not->toBe([])
        ->and(foundIn('nothing of the kind', 'Wibke.Unseen@post.example'))->toBe([]);
});

test('after an unconfirmed sign-up lapsed, no schema holds its address in any form; before, the same search finds it', function (): void {
    $address = 'Wibke.Unseen@post.example';
    $this->signUp($address, ['first-name' => 'Wibkeunseen'], 'de');
    $this->mailsAreTaken();
    app(Seal::class)();
    $before = everythingKept();
    expect(foundIn($before, $address))->not->toBe([])->and(foundIn($before, 'Wibkeunseen'))->not->toBe([]);

    Carbon::setTestNow(now()->addDays(7)->addMinute());
    expect(app(LapseJourneys::class)())->toBe(1);
    $after = everythingKept();
    expect(foundIn($after, $address))->toBe([])->and(foundIn($after, 'Wibkeunseen'))->toBe([])->and(foundIn($after, 'wibke.unseen'))->toBe([]);

    // The proof stands without the person.
    app(Seal::class)();
    expect(app(VerifyLedger::class)(null, fn () => null)->faults)->toBe([])->and($this->acts())->toBe(['given', 'confirmation-sent', 'lapsed', 'erased']);
});

test('the mailbox stand-in forgets with us', function (): void {
    config(['juramen.mailbox_url' => mailbox()]);
    $this->signUp($to = someone());
    work();
    expect(arrived($to))->toHaveCount(1);
    Carbon::setTestNow(now()->addDays(8));
    app(LapseJourneys::class)();
    expect(arrived($to))->toHaveCount(1)->and(DB::table('jobs')->value('payload'))->not->toContain($to);
    expect(doQueuedWork())->toBe(0)->and(arrived($to))->toBe([]);
});

test('while the mailbox is away it is told again for hours, then a person is told; done again, it is done once', function (): void {
    config(['juramen.mailbox_url' => 'http://127.0.0.1:1']);
    $this->signUp($to = someone());
    work();
    Carbon::setTestNow(now()->addDays(8));
    app(LapseJourneys::class)();
    for ($try = 1; $try <= 12; $try++) {
        expect(FailedWork::query()->count())->toBe(0);
        doQueuedWork();
        Carbon::setTestNow(now()->addHour());
    }
    expect(doQueuedWork())->toBe(1)->and(arrived($to))->toHaveCount(1);
    $work = FailedWork::query()->firstOrFail();
    expect($work->exception)->toContain('ConnectionException')->and($work->payload.$work->exception)->not->toContain($to);
    $this->actingAs(User::query()->where('role', 'officer')->firstOrFail())->get('/desk')->assertSee('One piece of work');
    $this->get('/work')->assertOk()->assertSee('Telling the mailbox to forget');
    config(['juramen.mailbox_url' => mailbox()]);
    $this->post("/work/$work->uuid/again")->assertRedirect('/work');
    $this->followingRedirects()->post("/work/$work->uuid/again")->assertSee('Somebody was quicker');
    expect(DB::table('jobs')->count())->toBe(1)->and(doQueuedWork())->toBe(0)->and(arrived($to))->toBe([]);
    $this->get('/desk')->assertDontSee('One piece of work');
});

test('every act of a person, and how it came about, has words', function (): void {
    $named = array_filter(Juramen\Consent\EntryKind::cases(), fn ($kind): bool => $kind->isPersons());
    expect($named)->not->toBe([])->and(array_filter($named, fn ($kind): bool => ! Lang::has("office.acts.{$kind->value}")))->toBe([])
        ->and(array_filter(Juramen\Consent\How::cases(), fn ($how): bool => ! Lang::has("office.how.{$how->value}")))->toBe([]);
});
