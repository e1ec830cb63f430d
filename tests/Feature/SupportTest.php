<?php

declare(strict_types=1);

use App\Models\HeldSubmission;
use App\Models\User;
use App\Support\KeyStore;
use App\Support\Moments;
use App\Support\PublishedForms;
use App\Support\ScrubbedLog;
use App\Support\Underlines;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Juramen\Canon\Instant;
use Juramen\Canon\Place;
use Juramen\Register\Language;
use Juramen\Wording\Difference;
use Tests\Support\Visitor;

uses(Visitor::class);

test('times are read in the office\'s zone and mean their last moment; an hour that comes twice means both until one is chosen', function (string $typed, ?string ...$utc): void {
    expect(array_map(static fn (Instant $i): string => $i->text(), Moments::read($typed)))->toBe(array_values(array_filter($utc)));
})->with([
    ['14 May 2026, 09:12:33', '2026-05-14T07:12:33.999999Z'],
    ['14 May 2026, 09:12', '2026-05-14T07:12:59.999999Z'],
    ['2026-11-25T09:00', '2026-11-25T08:00:59.999999Z'],
    ['2026-11-25', '2026-11-25T22:59:59.999999Z'], ['25.11.2026', '2026-11-25T22:59:59.999999Z'], ['5.3.2026', '2026-03-05T22:59:59.999999Z'],
    ['25.11.2026 09:00', '2026-11-25T08:00:59.999999Z'], ['25.11.2026, 09:00:05', '2026-11-25T08:00:05.999999Z'], ['31.02.2026', null],
    ['25 November 2026', '2026-11-25T22:59:59.999999Z'], ['2026-11-25T09:00+02:00', '2026-11-25T07:00:59.999999Z'],
    ['2026-11-25T09:00:05Z', '2026-11-25T09:00:05.999999Z'], ['2026-11-25 09:00:05.25-0500', '2026-11-25T14:00:05.250000Z'],
    ['2026-02-31T09:00Z', null], ['2026-11-25T25:00Z', null],
    ['2026-03-29', '2026-03-29T21:59:59.999999Z'],
    ['2026-10-25', '2026-10-25T22:59:59.999999Z'],
    ['25 Oct 2026, 02:30', '2026-10-25T00:30:59.999999Z', '2026-10-25T01:30:59.999999Z'], ['25 Oct 2026, 02:30 CEST', '2026-10-25T00:30:59.999999Z'],
    ['25 Oct 2026, 02:30 CET', '2026-10-25T01:30:59.999999Z'],
    ['25 Oct 2026, 03:30', '2026-10-25T02:30:59.999999Z'], ['29 Mar 2026, 02:30', null], ['14 May 2026, 09:12 CET', null],
    ['31 Feb 2026', null], ['tomorrow', null], ['', null], ['2026-11-25x', null],
]);

test('a time that is written is read back as the same', function (): void {
    $instant = Instant::parse('2026-05-14T07:12:33.000000Z');
    foreach (['2026-05-14T07:12:33.000000Z', '2026-10-25T00:30:00.000000Z', '2026-10-25T01:30:00.000000Z'] as $each) {
        expect(array_map(static fn (Instant $i): string => $i->wholeSeconds()->text(), Moments::read(Moments::input(Instant::parse($each)))))->toBe([$each]);
    }
    expect(Moments::exact($instant))->toBe('14 May 2026, 09:12:33 CEST');
});

// RFC 4180 sections 2.5 to 2.7.
test('CSV keeps quotes, commas and line breaks, and lets no cell become a formula', function (): void {
    $csv = csv(['a', 'b'], [['say "hi", twice', "two\nlines"], ['=1+1', '-x']]);
    expect($csv)->toBe("a,b\r\n\"say \"\"hi\"\", twice\",\"two\nlines\"\r\n'=1+1,'-x\r\n");
});

test('what looks like a person is taken out of every line of the log', function (string $line): void {
    expect(ScrubbedLog::scrub($line))->not->toMatch('/imke|post\.example|203\.0\.113|2001:db8|7700|AAAAAAAA/');
})->with([
    'could not deliver to imke.thormann@post.example', 'from 203.0.113.77', 'from 2001:db8:1:2:3:4:5:6', 'call +44 7700 900123 please',
    '/confirm/k1.AAAAAAAAAAAAAAAAAAAAAA.AAAAAAAAAAAAAAAAAAAAAAAAAAAA',
]);

test('a frozen form whose copy was changed is not served; the true bytes are fetched again', function (): void {
    $html = $this->edition->in(Language::English)->pages[0]->html;
    $this->get('/forms/footer-newsletter/en')->assertOk();
    $copy = config('juramen.published').'/'.$html->hex();
    file_put_contents($copy, str_replace('News from on board', 'Win a prize', (string) file_get_contents($copy)));
    $this->get('/forms/footer-newsletter/en')->assertOk()->assertSee('News from on board')->assertDontSee('Win a prize');
    expect(hash_file('sha256', $copy))->toBe($html->hex());
});

test('changed in the database too, it is not served at all', function (): void {
    $html = $this->edition->in(Language::English)->pages[0]->html;
    DB::table('frozen_bytes')->where('digest', $html->bytes)->update(['bytes' => 'something else']);
    @unlink(config('juramen.published').'/'.$html->hex());
    $this->get('/forms/footer-newsletter/en')->assertStatus(503)->assertDontSee('something else');
    expect(fn () => app(PublishedForms::class)->frozen($html))->toThrow(RuntimeException::class, 'no longer what their name says');
});

test('keys are made once, readable by their owner alone, and never replaced', function (): void {
    $folder = config('juramen.keys');
    $files = fn (): array => array_filter(glob("$folder/*"), is_file(...));
    $before = array_map(file_get_contents(...), $files());
    app(KeyStore::class)->prepare();
    expect(array_map(file_get_contents(...), $files()))->toBe($before);
    foreach ([...$files(), ...glob("$folder/journal/*")] as $file) {
        expect(fileperms($file) & 0777)->toBe(0600);
    }
});

test('a held submission that is deleted is gone, and one that nobody decides on goes by itself', function (): void {
    $this->signUp('one@post.example', ['homepage' => 'x']);
    $this->signUp('two@post.example', ['homepage' => 'x']);
    $this->actingAs(User::query()->firstOrFail())->decided((int) HeldSubmission::query()->min('id'), 'refuse');
    $this->get('/held')->assertSee('two@post.example')->assertDontSee('one@post.example')->assertSee('1 waits for a decision');
    Illuminate\Support\Carbon::setTestNow(now()->addDays(31));
    app(App\Actions\Upkeep\DeleteDue::class)();
    expect(HeldSubmission::query()->count())->toBe(0)->and($this->acts())->toBe([]);
});

test('a session of one\'s own is ended by its name, another\'s never', function (): void {
    [$runa, $arne] = User::query()->orderBy('id')->limit(2)->get()->all();
    foreach ([[$runa, 'mine-elsewhere'], [$arne, 'his']] as [$user, $id]) {
        DB::table('sessions')->insert(['id' => $id, 'user_id' => $user->id, 'user_agent' => 'Browser', 'payload' => '', 'last_activity' => time()]);
    }
    $this->actingAs($runa)->get('/account')->assertOk()->assertDontSee('mine-elsewhere');
    $this->post('/account/end', ['session' => hash('sha256', 'his')])->assertRedirect('/account');
    $this->post('/account/end', ['session' => hash('sha256', 'mine-elsewhere')])->assertRedirect('/account');
    expect(DB::table('sessions')->pluck('id')->all())->toBe(['his']);
});

test('differences and underlines are text, whatever stands in them', function (): void {
    expect(
        Underlines::difference(Difference::between('<b>old</b> word', '<i>new</i> word'))
    )->toBe('<del>&lt;b&gt;old&lt;/b&gt; </del><ins>&lt;i&gt;new&lt;/i&gt; </ins>word')
        ->and(Underlines::html('<script>', Place::of('title', 'en'), []))->toBe('&lt;script&gt;');
});

test('whatever takes a file is let through by nginx with it', function (): void {
    $conf = (string) file_get_contents(base_path('deploy/nginx.conf.in'));
    preg_match_all('~location \~ (\S+) \{\s+client_max_body_size (\d+)m~', $conf, $large);
    $forms = [];
    foreach ((new Symfony\Component\Finder\Finder)->in(resource_path('views'))->name('*.blade.php') as $view) {
        preg_match_all("~<form(?=.*multipart/form-data).*?route\('([^']+)'~", $view->getContents(), $found);
        array_push($forms, ...$found[1]);
    }
    expect(count($forms))->toBeGreaterThanOrEqual(7);
    foreach ($forms as $name) {
        $path = '/'.preg_replace('~\{[^}]+\}~', 'x1', (string) Route::getRoutes()->getByName($name)?->uri());
        $through = array_filter($large[1], static fn (string $location): bool => preg_match("~$location~", $path) === 1);
        expect($through)->not->toBe([], "$name at $path");
    }
});
