<?php

declare(strict_types=1);

use App\Actions\ActRefusal;
use App\Actions\Points\PublishPoint;
use App\Actions\Points\ReviewPublication;
use App\Actions\Registers\Approve;
use App\Models\Point;
use App\Models\User;
use Illuminate\Support\Carbon;
use Juramen\Register\HouseRules;
use Symfony\Component\DomCrawler\Crawler;
use Tests\Support\Visitor;

uses(Visitor::class);

/* What people see once they have sent a form, and once they have confirmed: words, a next step, or a page of the house's own, and of nobody else. */

beforeEach(function (): void {
    [$this->runa, $this->arne, $this->malin] = User::query()->orderBy('id')->limit(3)->get()->all();
    $this->point = Point::query()->where('slug', 'footer-newsletter')->firstOrFail();
    $this->hosts = function (string $hosts): void {
        $rules = recordOf('rules', 'house');
        written($rules, $this->runa, 'hosts', $hosts);
        app(Approve::class)($rules->name(), $this->arne, newestOf($rules), '');
    };
    $this->publish = function (array $after): void {
        foreach ($after as $place => $value) {
            written($this->point->record, $this->malin, "after/$place", $value);
        }
        app(PublishPoint::class)($this->point->refresh(), $this->runa, app(ReviewPublication::class)->newest($this->point)->looked());
        Carbon::setTestNow(now()->addHour());
    };
    $this->sent = fn () => $this->signUp(someone(), ['first-name' => 'Jo'])->assertRedirect();
    $this->csp = static fn ($response): string => (string) $response->headers->get('Content-Security-Policy');
});

test('words of its own stand before ours, as limited markup, and ours stay', function (): void {
    ($this->hosts)('tidewick.example');
    ($this->publish)([
        'sent/en' => "Look *now*: [the timetable](https://tidewick.example/timetable)\n\n<script>alert(1)</script>", 'confirmed/en' => 'Fair winds!',
        'next/en' => 'See what sails in May', 'next-to/en' => 'https://tidewick.example/may',
    ]);
    $page = $this->get((string) ($this->sent)()->headers->get('Location'))->assertOk();
    $page->assertSee('<em>now</em>', false)->assertDontSee('<script>', false)->assertSee('Check your inbox')->assertSee('days');
    $this->mailsAreTaken();
    $this->post('/confirm', ['token' => $this->confirmToken()])->assertOk()->assertSee('Fair winds!')->assertSee('See what sails in May')
        ->assertSee('https://tidewick.example/may')->assertSee('junk');
});

test('people are led only to hosts that the house names, when it is published and when it is done', function (): void {
    $to = ['sent-to/en' => 'https://tidewick.example/thanks', 'confirmed-to/en' => 'https://tidewick.example/aboard'];
    expect(fn () => ($this->publish)($to))->toBeRefused(ActRefusal::StillToDo);
    ($this->hosts)('Tidewick.example, atlantic.tidewick.example');
    ($this->publish)($to);
    expect(($this->csp)($this->get('/forms/footer-newsletter/en')))->toContain("form-action 'self' https://tidewick.example;")
        ->and(($this->csp)($this->get('/forms/footer-newsletter/de')))->toContain("form-action 'self';");
    expect(($this->sent)()->headers->get('Location'))->toBe('https://tidewick.example/thanks');
    $this->mailsAreTaken();
    $this->post('/confirm', ['token' => $token = $this->confirmToken()])->assertStatus(303)->assertRedirect('https://tidewick.example/aboard');
    // Once more says what it always says, here.
    $this->post('/confirm', ['token' => $token])->assertOk()->assertSee('already');
    // The house lets them no more: what was frozen leads nowhere.
    ($this->hosts)('elsewhere.example');
    expect(($this->sent)()->headers->get('Location'))->toBe('/forms/footer-newsletter/en/sent');
    $this->mailsAreTaken();
    $this->post('/confirm', ['token' => $this->confirmToken()])->assertOk();
});

test('an address at a foreign host is said to be wrong beside its field, while it is typed and once it is saved', function (): void {
    ($this->hosts)('tidewick.example');
    $wrong = 'leads people to where the house lets no form lead them';
    $says = function ($response, string $name): string {
        $fault = (new Crawler($response->assertOk()->getContent()))->filter("#fault-at-after-$name");

        return trim($fault->text());
    };
    $typed = fn (string $to) => $this->actingAs($this->malin)->post('/points/footer-newsletter/judge', [
        'base' => newestOf($this->point->record), 'place' => 'after/next-to/en', 'value' => $to,
    ]);
    expect($says($typed('https://elsewhere.example/x'), 'next-to-en'))->toContain($wrong)
        ->and($says($typed('https://tidewick.example/x'), 'next-to-en'))->toBe('')
        ->and($says($typed('http://tidewick.example/x'), 'next-to-en'))->toContain('https');
    written($this->point->record, $this->malin, 'after/sent-to/de', 'https://elsewhere.example/danke');
    $sheet = $this->actingAs($this->malin)->get('/points/footer-newsletter');
    expect($says($sheet, 'sent-to-de'))->toContain($wrong)->and($says($sheet, 'sent-to-en'))->toBe('');
});

test('in place of the form, what stands after sending stands at its own address, and sent twice it is taken once', function (): void {
    ($this->publish)(['in-place' => true, 'sent/en' => 'Thank you, *now*.']);
    $marks = $this->marks();
    $first = $this->signUp($to = someone(), [], 'en', $marks)->assertOk();
    $first->assertSee('<em>now</em>', false)->assertSee('Check your inbox')->assertSee($to)->assertSee('/forms/footer-newsletter/en/sent');
    $this->signUp($to, [], 'en', $marks)->assertOk()->assertSee('Check your inbox');
    expect($this->acts())->toBe(['given']);
    // What it offers there works from there.
    $ticket = $this->hidden($first)['ticket'];
    $this->mailsAreTaken();
    Carbon::setTestNow(now()->addMinutes(2));
    $this->post('/forms/footer-newsletter/en/sent', ['ticket' => $ticket, 'do' => 'again'])->assertStatus(303);
});

test('only the very host is meant, over https, without a name, a password or a port', function (): void {
    $house = HouseRules::from(Juramen\Canon\Document::from(['hosts' => 'tidewick.example, shop.tidewick.example']));
    foreach (['https://tidewick.example/x', 'https://SHOP.tidewick.example', 'https://tidewick.example?a=b#c'] as $fine) {
        expect($house->allows($fine))->toBeTrue($fine);
    }
    foreach (['http://tidewick.example', 'https://evil.example', 'https://tidewick.example.evil.example', 'https://eviltidewick.example', '//tidewick.example',
        'https://tidewick.example@evil.example', 'https://a:b@tidewick.example', 'https://tidewick.example:8443', 'javascript:alert(1)', '', 'https:///x',
        'https://tidewick.example\\@evil.example', "https://evil.example\t.tidewick.example"] as $not) {
        expect($house->allows($not))->toBeFalse($not);
    }
    expect(fn () => written(recordOf('rules', 'house'), $this->runa, 'hosts', 'https://tidewick.example'))->toThrow(Juramen\Canon\Refused::class);
});
