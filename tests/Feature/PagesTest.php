<?php

declare(strict_types=1);

use App\Models\Enquiry;
use App\Models\HeldSubmission;
use App\Models\Subscriber;
use App\Models\User;
use Database\Demo\DelayAlerts;
use Database\Demo\GroupTravel;
use Database\Demo\SeasonTicket;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Juramen\Canon\DraftRefusal;
use Symfony\Component\DomCrawler\Crawler;
use Tests\Support\Visitor;

uses(Visitor::class);

/* Forms of several pages, conditions, and the ways in which a statement is answered, by requests as a browser sends them. */

beforeEach(function (): void {
    $this->malin = User::query()->where('email', 'malin@tidewick.example')->firstOrFail();
    $this->runa = User::query()->where('email', 'runa@tidewick.example')->firstOrFail();
    /** Presses a button of a page of the group form, with what stands hidden on it. */
    $this->go = fn (TestResponse $page, array $typed, string $go = 'next'): TestResponse => $this->post(
        '/forms/group-travel/en', [...$this->hidden($page), ...$typed, 'go' => $go]
    );
    /** What the only enquiry holds, by name. */
    $this->given = fn (): array => Enquiry::query()->sole()->content->toDocument()->part('values')->toArray();
    $this->titled = fn (TestResponse $page): string => (new Crawler((string) $page->getContent()))->filter('h2')->text();
    /** The last page, with everything before it answered. */
    $this->last = function (array $group = ['group' => 'club']): TestResponse {
        $page = ($this->go)($this->get('/forms/group-travel/en?from=club-letter')->assertOk(), $group);
        $page = ($this->go)($page, ['route' => 'islands', 'months-summer' => 'yes']);
        $page = ($this->go)($page, ['message' => "Twelve of us\nand a drum"]);
        Carbon::setTestNow(now()->addSeconds(5));

        return ($this->go)($page, ['name' => 'Jo', 'email' => 'jo@post.example']);
    };
});

test('five pages, back and forth, keep what was typed, store nothing before the end, and arrive once', function (): void {
    demoPoint(GroupTravel::SHEET, $this->malin, $this->runa);
    $first = $this->get('/forms/group-travel/en')->assertOk();
    $second = ($this->go)($first, ['group' => 'school', 'years-small' => 'yes'])->assertOk();
    expect(($this->titled)($second))->toBe('Your trip');
    // Back from a page that is not valid yet keeps what stands on it.
    $back = ($this->go)($second, ['months-spring' => 'yes'], 'back')->assertOk();
    expect((new Crawler((string) $back->getContent()))->filter('#group option[selected]')->attr('value'))->toBe('school')
        ->and((new Crawler((string) $back->getContent()))->filter('#years-small[checked]')->count())->toBe(1);
    $second = ($this->go)($back, ['group' => 'school']);
    expect((new Crawler((string) $second->getContent()))->filter('#months-spring[checked]')->count())->toBe(1);
    // Nothing chosen where something must be: the same page, with what is wrong.
    ($this->go)($second, [])->assertStatus(422)->assertSee('Please fill this in: Which crossing?');
    expect(DB::table('spent_marks')->count())->toBe(0)->and(Enquiry::query()->count())->toBe(0);
    $last = ($this->last)();
    expect(($this->titled)($last))->toBe('Before you send it');
    ($this->go)($last, [], 'send')->assertStatus(422)->assertSee('Please answer with yes or no.');
    ($this->go)($last, ['yes-group-offers' => 'no'], 'send')->assertRedirect('/forms/group-travel/en/received');
    ($this->go)($last, ['yes-group-offers' => 'no'], 'send')->assertRedirect();
    expect(($this->given)())->toBe([
        'choice' => 'A club', 'choice-2' => 'The island line', 'choices-2' => 'In summer', 'message' => "Twelve of us\nand a drum", 'name' => 'Jo',
        'source' => 'club-letter',
    ])->and(Subscriber::query()->count())->toBe(0)->and($this->acts())->toBe([]);
});

test('a step that was skipped, a page that is none, and answers of another visit lead to what is missing', function (): void {
    demoPoint(GroupTravel::SHEET, $this->malin, $this->runa);
    $marks = $this->marks('en', 'group-travel');
    $all = ['email' => 'jo@post.example', 'name' => 'Jo', 'yes-group-offers' => 'yes', 'group' => 'club', 'route' => 'islands', 'message' => 'x'];
    // Everything at once on the last page: what belongs to others does not count.
    $answer = $this->post('/forms/group-travel/en', [...$marks, ...$all, 'page' => '5', 'go' => 'send'])->assertStatus(422);
    expect(($this->titled)($answer))->toBe('Your group');
    foreach (['99', '-3', 'x', ''] as $page) {
        $this->post('/forms/group-travel/en', [...$marks, ...$all, 'page' => $page, 'go' => 'send'])->assertStatus(422)->assertSee('Your trip');
    }
    $last = ($this->last)();
    $other = $this->marks('en', 'group-travel');
    $mixed = [...$this->hidden($last), 'visit' => $other['visit'], 'yes-group-offers' => 'no', 'go' => 'send'];
    expect(($this->titled)($this->post('/forms/group-travel/en', $mixed)->assertStatus(422)))->toBe('Your group');
    $broken = [...$this->hidden($last), 'earlier' => strrev($this->hidden($last)['earlier']), 'yes-group-offers' => 'no', 'go' => 'send'];
    $this->post('/forms/group-travel/en', $broken)->assertStatus(422);
    $this->post('/forms/group-travel/en', [...$this->hidden($last), 'earlier' => ['x'], 'go' => ['send']])->assertStatus(422);
    expect(Enquiry::query()->count())->toBe(0);
});

test('what an earlier answer leaves out is not asked, not demanded and not taken; the entry says what was not shown', function (): void {
    $sheet = GroupTravel::SHEET;
    $sheet['fields'][4]['required'] = true;
    demoPoint($sheet, $this->malin, $this->runa);
    $last = ($this->last)(['group' => 'club', 'years-small' => 'yes']);
    ($this->go)($last, ['yes-group-offers' => 'yes'], 'send')->assertRedirect('/forms/group-travel/en/sent');
    expect(($this->given)())->not->toHaveKey('choices')
        ->and(json_decode(DB::table($this->ledger('entries'))->where('kind', 'given')->value('body'), true)['details']['not-shown'])->toBe(['years', 'pupils']);
    $school = ($this->go)(($this->go)($this->get('/forms/group-travel/en'), ['group' => 'school']), ['route' => 'islands']);
    ($this->go)($school, ['message' => 'x'])->assertStatus(422)->assertSee('A lesson on the bridge?');
    // The evidence shows each page as it was, with the answers.
    $subscriber = Subscriber::query()->sole();
    $entry = bin2hex((string) DB::table($this->ledger('entries'))->where('kind', 'given')->value('id'));
    $shown = fn (int $page): Crawler => new Crawler((string) $this->actingAs($this->runa)->get("/evidence/{$subscriber->subject->hex()}/shown/$entry?page=$page"
    )
        ->assertOk()->getContent());
    expect($shown(3)->filter('.on-pupils[hidden]')->count())->toBe(1)->and($shown(5)->filter('#yes-group-offers[checked]')->count())->toBe(1)
        ->and($shown(5)->filter('#no-group-offers[checked]')->count())->toBe(0)->and($shown(3)->filter('textarea')->text(null, false))->toContain('and a drum');
    $this->get("/evidence/{$subscriber->subject->hex()}")->assertSee('Page 5 of 5');
});

test('a no is an entry where somebody is known, ends nothing, and of a stranger nothing is kept', function (): void {
    demoPoint(GroupTravel::SHEET, $this->malin, $this->runa);
    ($this->go)(($this->last)(), ['yes-group-offers' => 'yes'], 'send')->assertRedirect();
    $this->mailsAreTaken();
    $this->post('/confirm', ['token' => $this->confirmToken()])->assertOk();
    ($this->go)(($this->last)(), ['yes-group-offers' => 'no'], 'send')->assertRedirect('/forms/group-travel/en/received');
    $no = json_decode(DB::table($this->ledger('entries'))->where('kind', 'refused')->value('body'), true);
    expect($this->acts())->toBe(['given', 'confirmation-sent', 'confirmed', 'refused'])->and($no['statements'][0]['answer'])->toBe('no')
        ->and($no)->not->toHaveKeys(['targets', '_sd'])->and((bool) DB::table('permissions')->value('allowed'))->toBeTrue();
    $this->artisan('ledger:seal')->assertExitCode(0);
    expect(verified()->faults)->toBe([]);
    $this->artisan('consent:rebuild --check')->assertExitCode(0);
    $this->actingAs($this->runa)->get('/evidence/'.Subscriber::query()->sole()->subject->hex())->assertSee('Chose no');
});

test('a box for each channel: the number is asked only with its channel, and only what was ticked is permitted', function (): void {
    demoPoint(DelayAlerts::SHEET, $this->malin, $this->runa);
    $send = function (array $typed): TestResponse {
        $marks = $this->marks('en', 'delay-alerts');
        Carbon::setTestNow(now()->addSeconds(5));

        return $this->post('/forms/delay-alerts/en', [...$marks, 'route-islands' => 'yes', 'email' => 'jo@post.example', ...$typed]);
    };
    $send([])->assertStatus(422)->assertSee('Without your tick');
    $send(['yes-delay-alerts' => 'yes'])->assertStatus(422);
    $asked = $send(['yes-delay-alerts-sms' => 'yes'])->assertStatus(422)->assertSee('please fill this in, or take the tick away: Mobile number');
    expect((new Crawler((string) $asked->getContent()))->filter('#yes-delay-alerts-sms[checked]')->count())->toBe(1);
    // A number behind a box that is not ticked was not shown; it is neither judged nor kept.
    $send(['yes-delay-alerts-email' => 'yes', 'phone' => 'not a number'])->assertRedirect('/forms/delay-alerts/en/sent');
    expect(DB::table('permissions')->pluck('channel')->all())->toBe(['email'])->and(DB::table('disclosures')->count())->toBe(3);
    $send(['yes-delay-alerts-sms' => 'yes', 'phone' => '+44 7700 900123'])->assertRedirect('/forms/delay-alerts/en/received');
    expect(DB::table('permissions')->orderBy('channel')->pluck('reason', 'channel')->all())->toBe(['email' => 'awaiting-confirmation',
        'sms' => 'awaiting-confirmation']);
    // Held, it comes back as it was sent.
    $send(['yes-delay-alerts-email' => 'yes', 'email' => 'ada@post.example', 'homepage' => 'x'])->assertRedirect();
    $this->actingAs($this->runa)->decided(HeldSubmission::query()->sole()->id, 'accept');
    expect(DB::table('permissions')->where('channel', 'sms')->count())->toBe(1)->and(DB::table('permissions')->where('channel', 'email')->count())->toBe(2);
});

test('terms are accepted apart from any consent, kept with their edition, and a dead link to them stops publishing', function (): void {
    demoPoint(SeasonTicket::SHEET, $this->malin, $this->runa);
    $typed = ['first-name' => 'Jo', 'last-name' => 'Lind', 'email' => 'jo@post.example', 'postal-street' => 'Pier 1', 'postal-postcode' => 'TW1',
        'postal-town' => 'Tidewick'];
    $send = function (array $more) use ($typed): TestResponse {
        $marks = $this->marks('en', 'season-ticket');
        Carbon::setTestNow(now()->addSeconds(5));

        return $this->post('/forms/season-ticket/en', [...$marks, ...$typed, ...$more]);
    };
    $send([])->assertStatus(422)->assertSee('Please tick that you accept this');
    $send(['terms' => 'yes'])->assertRedirect('/forms/season-ticket/en/received');
    expect(($this->given)()['terms'])->toBe('Terms of carriage (May 2026)')->and(Subscriber::query()->count())->toBe(0);
    foreach (['', '#', 'http://', 'https://your-site/terms', 'terms.pdf'] as $i => $link) {
        $this->actingAs($this->malin)->post('/points/season-ticket/change', ['place' => 'fields/terms/terms/link/de', 'value' => $link,
            'base' => $i + 1])->assertOk();
        $this->actingAs($this->runa)->get('/points/season-ticket/publish')->assertSee('leads nowhere in Deutsch');
        $this->post('/points/season-ticket/publish', ['looked' => looked('season-ticket')])->assertSessionHasErrors('looked');
    }
    $this->get('/points/season-ticket')->assertSee('It cannot be published so');
    $this->post('/points/season-ticket/change', ['place' => 'fields/email/when/field', 'value' => 'terms', 'base' => 6])->assertStatus(422)
        ->assertRefused(DraftRefusal::EmailAlways);
});
