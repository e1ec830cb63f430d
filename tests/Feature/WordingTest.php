<?php

declare(strict_types=1);

use App\Actions\Points\PublishPoint;
use App\Models\Point;
use App\Models\User;
use Tests\Support\Visitor;

uses(Visitor::class);

/** Publishes the newsletter once more with other English words. */
function reword(object $test, string $words): void
{
    $officer = User::query()->firstOrFail();
    $point = Point::query()->firstOrFail();
    $test->actingAs($officer)->post('/points/footer-newsletter/change', ['place' => 'statements/0/texts/en', 'value' => $words, 'base' => (int) $point->revisions()->max('number')])->assertOk();
    app(PublishPoint::class)($point, $officer);
}

test('a statement stands with its editions, where each is used, and how many agreed to exactly those words', function (): void {
    foreach (['one', 'two'] as $who) {
        $this->signUp("$who@post.example");
        $this->post('/confirm', ['token' => $this->confirmToken()]);
    }
    $this->signUp('unconfirmed@post.example');
    reword($this, 'Yes, Tidewick Ferries may email me new sailings, fares and concerts once a month. I can withdraw this at any time.');
    $this->signUp('three@post.example');
    $this->post('/confirm', ['token' => $this->confirmToken()]);

    $this->get('/wording')->assertOk()->assertSee('voyage-news')->assertSee('2 of 2')->assertSee('fares and concerts')->assertSee('footer-newsletter');
    $page = $this->get('/wording/voyage-news')->assertOk()->assertSee('1 person agreed to exactly these words')->assertSee('2 people agreed to exactly these words')
        ->assertSee('footer-newsletter, edition 1')->assertSee('footer-newsletter, edition 2')->assertSee('approved')->assertSee('Runa Ekdahl');
    expect($page->getContent())->toContain('<ins>')->toContain('<del>')->toContain('reading ease');
    $this->get('/wording/voyage-news?from=1&to=1')->assertOk()->assertDontSee('<del>', false);
    $this->get('/wording/voyage-news?from=9')->assertNotFound();
    $this->get('/wording/nothing')->assertNotFound();
});

test('publishing the same words again makes no new edition of the statement', function (): void {
    $officer = User::query()->firstOrFail();
    $this->actingAs($officer)->post('/points/footer-newsletter/change', ['place' => 'title/en', 'value' => 'Other title', 'base' => 1]);
    app(PublishPoint::class)(Point::query()->firstOrFail(), $officer);
    $this->get('/wording')->assertSee('1 of 1');
    $this->get('/wording/voyage-news')->assertSee('footer-newsletter, edition 1; footer-newsletter, edition 2');
});

test('statements are found by their words and go out as CSV, one line a language', function (): void {
    $this->actingAs(User::query()->where('role', 'editor')->firstOrFail());
    $this->get('/wording?q=Fahrten')->assertSee('voyage-news');
    $this->get('/wording?q=submarine')->assertSee('No statement speaks of');
    $lines = explode("\r\n", (string) $this->get('/wording?as=csv')->getContent());
    expect($lines[0])->toBe('statement,edition,purpose,language,text,points,people')->and($lines)->toHaveCount(4)->and($lines[2])->toStartWith('voyage-news,1,voyage-news,de,"Ja, Tidewick Ferries');
});

test('every language has every word that visitors read, with the same places for what is filled in', function (): void {
    $flat = static fn (string $language): array => Illuminate\Support\Arr::dot(require lang_path("$language/visitor.php"));
    $english = $flat('en');
    foreach (['de', 'fr'] as $language) {
        $other = $flat($language);
        expect(array_keys($other))->toBe(array_keys($english), $language);
        foreach ($english as $key => $text) {
            $places = static fn (string $t): array => preg_match_all('/:[a-z]+/', $t, $m) ? collect($m[0])->unique()->sort()->values()->all() : [];
            expect($places($other[$key]))->toBe($places($text), "$language $key");
        }
    }
});
