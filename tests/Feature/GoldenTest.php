<?php

declare(strict_types=1);

use App\Actions\Consent\RebuildPermissions;
use App\Actions\Evidence\ProveChain;
use App\Actions\Ledger\Seal;
use App\Actions\Points\ReviewPublication;
use App\Actions\Signup\DecideHeld;
use App\Models\AcceptedFinding;
use App\Models\HeldDecision;
use App\Models\HeldSubmission;
use App\Models\Point;
use App\Models\PublishedEdition;
use App\Models\SignupJourney;
use App\Models\Subscriber;
use App\Models\User;
use App\Support\KeyStore;
use App\Support\PublishedForms;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Process;
use Juramen\Canon\MacRing;
use Juramen\Consent\JourneyState;

/* An instance that the commit 5f4cc27 made is brought up to date: everything in it opens, proves and works. */

const INSTANCE = __DIR__.'/../Golden/instance-5f4cc27';

beforeEach(function (): void {
    $owner = config('database.connections.owner');
    foreach (['juramen_test_golden' => 'application', 'juramen_test_golden_ledger' => 'ledger'] as $database => $dump) {
        $anew = "DROP DATABASE IF EXISTS $database; CREATE DATABASE $database CHARACTER SET utf8mb4 COLLATE utf8mb4_bin; USE $database;";
        Process::env(['MYSQL_PWD' => $owner['password']])
            ->run(
                "(echo '$anew'; gunzip -c ".escapeshellarg(INSTANCE."/$dump.sql.gz").') | mariadb --socket='.escapeshellarg($owner['unix_socket'])
                    ." -u {$owner['username']}"
            )->throw();
    }
    $this->useDatabase('juramen_test_golden');
    $keys = config('juramen.keys');
    File::deleteDirectory($keys);
    File::copyDirectory(INSTANCE.'/keys', $keys);
    File::cleanDirectory(config('juramen.published'));
    $this->links = json_decode((string) file_get_contents(INSTANCE.'/links.json'), true);
    config(['app.key' => $this->links['app-key']]);
    foreach ([KeyStore::class, MacRing::class, PublishedForms::class, 'encrypter'] as $made) {
        app()->forgetInstance($made);
    }
    expect(Artisan::call('juramen:prepare', ['--without-demo' => true]))->toBe(0, Artisan::output());
    Carbon::setTestNow('2026-11-27 10:00:00');
});

test('it verifies, before and after it is sealed anew, and its permissions are those of its ledger', function (): void {
    app(Seal::class)(everything: true);
    expect(Artisan::call('ledger:verify'))->toBe(0, Artisan::output());
    expect(app(RebuildPermissions::class)(false, fn () => null)->differences)->toBe([]);
    foreach (Subscriber::query()->orderBy('id')->limit(40)->get() as $subscriber) {
        expect(app(ProveChain::class)($subscriber->subject)->faults)->toBe([]);
    }
});

test('links of its mails work', function (): void {
    $this->openLink('/confirm/'.$this->links['confirm'])->assertOk()->assertSee('Tidewick Ferries');
    $this->post('/confirm', ['token' => $this->links['confirm']])->assertOk();
    expect(SignupJourney::query()->orderByDesc('ended_at')->firstOrFail()->state)->toBe(JourneyState::Confirmed);
    $this->openLink('/withdraw/'.$this->links['withdraw'])->assertOk();
    $this->post('/withdraw', ['token' => $this->links['withdraw'], 'all' => '1'])->assertOk();
    expect(DB::table('permissions')->where('reason', 'withdrawn')->where('since', '>', '2026-11-27')->count())->toBe(1);
    app(Seal::class)(everything: true);
    expect(Artisan::call('ledger:verify'))->toBe(0, Artisan::output());
});

test('its forms are served and taken, its mails are composed, what was held is released', function (): void {
    foreach (Point::query()->whereHas('editions')->get() as $point) {
        $edition = app(PublishedForms::class)->current($point->slug);
        foreach ($edition->languages as $frozen) {
            $this->get("/forms/{$point->slug}/{$frozen->language->value}")->assertOk()->assertSee('name="visit"', false);
        }
        expect($edition->digest()->hex())->toBe(PublishedEdition::query()->where('point_id', $point->id)->orderByDesc('number')->firstOrFail()->digest->hex());
    }
    $marks = [];
    preg_match_all('/name="(stamp|visit)" value="([^"]+)"/', (string) $this->get('/forms/footer-newsletter/de')->getContent(), $found, PREG_SET_ORDER);
    foreach ($found as [, $name, $value]) {
        $marks[$name] = $value;
    }
    Carbon::setTestNow('2026-11-27 10:00:10');
    $this->post('/forms/footer-newsletter/de', ['email' => 'somebody.new@post.example', 'yes-voyage-news' => 'yes', ...$marks])->assertRedirect();
    expect(SignupJourney::query()->where('asked_at', '>', '2026-11-27')->count())->toBe(1);
    $held = HeldSubmission::query()->firstOrFail();
    config()->set('juramen.screening.undo_seconds', 0);
    app(DecideHeld::class)($held->id, HeldDecision::Accept, User::query()->where('role', 'officer')->firstOrFail());
    expect(app(DecideHeld::class)->carryOut())->toBe(1)->and(HeldSubmission::query()->count())->toBe(0);
});

test('its sheets and records open, with their history, and nothing on the air differs for it', function (): void {
    $this->actingAs(User::query()->where('role', 'officer')->firstOrFail());
    foreach (['/desk', '/points', '/rules', '/wording', '/wording/registers', '/wording/notice', '/held', '/mails', '/evidence/signups'] as $page) {
        $this->get($page)->assertOk();
    }
    foreach (Point::query()->with('record', 'controller')->get() as $point) {
        $this->get("/points/{$point->slug}")->assertOk();
        $this->get("/points/{$point->slug}/publish")->assertOk();
        $this->get("/points/{$point->slug}/history")->assertOk();
        $differs = app(ReviewPublication::class)->newest($point)->differs();
        // Our own words for withdrawing in Swedish and Danish, and for the notice in French, have been corrected since.
        expect($differs)->toBe(in_array($point->slug, ['cabin-draw', 'booking-popup', 'atlantic-newsletter'], true), $point->slug);
    }
    foreach (DB::table('records')->where('kind', '!=', 'sheet')->get() as $record) {
        $this->get("/records/{$record->kind}/{$record->slug}")->assertOk();
        $this->get("/records/{$record->kind}/{$record->slug}/history")->assertOk();
    }
    // What was excepted before findings had digests holds for nothing any more.
    expect(app(ReviewPublication::class)->newest(Point::query()->with('record')->where('slug', 'booking-popup')->firstOrFail())->covered->count())->toBe(0)
        ->and(AcceptedFinding::query()->count())->toBe(1);
});
