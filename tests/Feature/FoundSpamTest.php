<?php

declare(strict_types=1);

use App\Models\AssessedSubmission;
use App\Models\CurrentPermission;
use App\Models\Role;
use App\Models\SignupJourney;
use App\Models\Subscriber;
use App\Models\User;
use App\Queries\Screening\ListAlike;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Juramen\Consent\Entry;
use Juramen\Consent\How;
use Symfony\Component\DomCrawler\Crawler;
use Tests\Support\Visitor;

uses(Visitor::class);

/* Somebody turns out to be a program's after the fact: permissions end, entries stay, counts are mended, and the others of the same hand are offered. */

beforeEach(function (): void {
    $this->runa = User::query()->where('role', Role::Officer)->firstOrFail();
    $this->confirmed = function (string $email): Subscriber {
        $this->signUp($email);
        $this->mailsAreTaken();
        $this->post('/confirm', ['token' => $this->confirmToken()]);

        return Subscriber::query()->orderByDesc('id')->firstOrFail();
    };
    $this->allowed = fn (): int => CurrentPermission::query()->where('allowed', true)->count();
});

test('what a program agreed to ends, its entries stay, it is counted no longer, and screening learns', function (): void {
    $bot = ($this->confirmed)('xqrt12@bulk.example');
    $person = ($this->confirmed)('imke@post.example');
    expect(($this->allowed)())->toBe(2);
    $subject = $bot->subject->hex();
    $before = DB::table($this->ledger('entries'))->count();
    $this->actingAs(User::query()->where('role', Role::Auditor)->firstOrFail())->post("/evidence/$subject/spam")->assertForbidden();
    $this->actingAs($this->runa)->get("/evidence/$subject")->assertSee('This is a program', false);
    $flow = fn (): string => (string) $this->get('/points/footer-newsletter/flow')->assertOk()->getContent();
    expect($flow())->not->toContain('not counted');
    $this->followingRedirects()->post("/evidence/$subject/spam")->assertOk()->assertSee('counted no longer');
    expect(($this->allowed)())->toBe(1)->and(DB::table($this->ledger('entries'))->count())->toBeGreaterThan($before);
    $newest = Entry::parse((string) DB::table($this->ledger('entries'))->where('subject', $bot->subject->bytes)->where('kind', 'withdrawn')->value('body'));
    expect($newest->act->how)->toBe(How::FoundSpam)->and($newest->bytes)->toContain($this->runa->named());
    $this->get("/evidence/$subject")->assertSee('was found to be a program', false)->assertDontSee('This person withdrew');
    expect($flow())->toContain('One sign-up was found to be a program&#039;s and is not counted.')
        ->and(AssessedSubmission::query()->orderBy('id')->pluck('decided')->all())->toBe(['spam', null])
        ->and(SignupJourney::query()->where('found_spam', true)->pluck('subscriber_id')->all())->toBe([$bot->id]);
    // Said twice it is one; and whoever they are, they may sign up again by themselves.
    $entries = DB::table($this->ledger('entries'))->count();
    $this->followingRedirects()->post("/evidence/$subject/spam")->assertSee('found before');
    expect(DB::table($this->ledger('entries'))->count())->toBe($entries)->and($person->permissions()->where('allowed', true)->count())->toBe(1);
});

test('others of the same hand are offered, people are not, and each that is chosen ends', function (): void {
    $bots = array_map(fn (string $email): Subscriber => ($this->confirmed)($email), ['xqrt12@bulk.example', 'wvbn48@bulk.example', 'kjpl77@bulk.example']);
    foreach (['imke@post.example', 'ole.brandt@inbox.example', 'sunniva@bulk.example'] as $email) {
        ($this->confirmed)($email);
    }
    Carbon::setTestNow(now()->addDays(8));
    $late = ($this->confirmed)('zzrt55@bulk.example');
    $subject = $bots[0]->subject->hex();
    $this->actingAs($this->runa)->post("/evidence/$subject/spam")->assertRedirect("/evidence/$subject/alike");
    $page = new Crawler((string) $this->get("/evidence/$subject/alike")->assertOk()->getContent());
    expect($page->filter('tbody a')->each(static fn (Crawler $a): string => $a->text()))->toEqualCanonicalizing(['wvbn48@bulk.example', 'kjpl77@bulk.example']);
    $ids = [$bots[1]->subject->hex(), $bots[2]->subject->hex()];
    $this->followingRedirects()->post("/evidence/$subject/alike", ['act' => 'spam', 'chosen' => [...$ids, 'ffff', $ids[0]]])
        ->assertSee('2 are found to be a program&#039;s. With one somebody was quicker.', false)->assertSee('No other sign-up');
    expect(($this->allowed)())->toBe(4)->and(app(ListAlike::class)->to($late))->toBe([]);
});
