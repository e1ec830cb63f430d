<?php

declare(strict_types=1);

use App\Actions\ActRefusal;
use App\Actions\Points\PublishPoint;
use App\Actions\Points\PutGift;
use App\Actions\Points\ReviewPublication;
use App\Models\Enquiry;
use App\Models\EnquiryState;
use App\Models\Point;
use App\Models\SignupJourney;
use App\Models\User;
use Database\Demo\GuidePdf;
use Illuminate\Support\Carbon;
use Juramen\Canon\MacRing;
use Juramen\Canon\Place;
use Juramen\Consent\Link;
use Tests\Support\Visitor;

uses(Visitor::class);

/* A gift is given after confirmation, or to whoever asks for it, by a link that ends; never before, and never taken back. */

beforeEach(function (): void {
    mailServer('accept');
    [$this->runa, $this->arne, $this->malin] = User::query()->orderBy('id')->limit(3)->get()->all();
    $this->point = Point::query()->where('slug', 'footer-newsletter')->firstOrFail();
    $this->gives = function (array $changed = [], string $bytes = ''): void {
        app(PutGift::class)($this->point->record, '../Six "walks".pdf', $bytes === '' ? GuidePdf::bytes() : $bytes, $this->malin);
        $all = ['kind' => 'download', 'gift/name/en' => 'six walks', 'gift/name/de' => 'sechs Wanderungen', 'gift/days' => 14, ...$changed];
        foreach ($all as $place => $value) {
            written($this->point->record, $this->malin, $place, $value);
        }
    };
    $this->publish = function (): void {
        $looked = app(ReviewPublication::class)->newest($this->point->refresh())->looked();
        app(PublishPoint::class)($this->point, $this->runa, $looked);
        Carbon::setTestNow(now()->addHour());
    };
    $this->linkIn = static fn (string $text): string => preg_match('~/gift/[^\s"<]+~', $text, $found) === 1 ? $found[0] : '';
});

test('whoever confirms gets it on the page and in the welcome mail, whoever agrees to nothing in the mail that it arrived', function (): void {
    ($this->gives)();
    ($this->publish)();
    [$yes, $no] = [someone(), someone()];
    $sent = $this->signUp($yes, ['first-name' => 'Imke'], 'de');
    expect(($this->linkIn)((string) $sent->getContent().$sent->headers->get('Location')))->toBe('', 'never before');
    work();
    $asked = array_values(array_filter(arrived($yes), static fn (array $m): bool => str_contains($m['text'], '/confirm/')))[0];
    expect(($this->linkIn)($asked['text']))->toBe('');
    $page = $this->post('/confirm', ['token' => $this->confirmToken()])->assertOk()->assertSee('Ihr Geschenk')->assertSee('sechs Wanderungen');
    $link = ($this->linkIn)((string) $page->getContent());
    $file = $this->get($link)->assertOk();
    expect($file->getContent())->toBe(GuidePdf::bytes())->and($file->headers->get('Content-Type'))->toBe('application/pdf')
        ->and($file->headers->get('Content-Disposition'))->toContain('attachment')->toContain('walks')->not->toContain('..')
        ->and($file->headers->get('Cache-Control'))->toContain('no-store')->and($file->headers->get('X-Content-Type-Options'))->toBe('nosniff');
    work();
    $welcome = array_values(array_filter(arrived($yes), static fn (array $m): bool => str_starts_with($m['subject'], 'Willkommen')))[0];
    expect(($this->linkIn)($welcome['text']))->toBe($link)->and($welcome['text'])->toContain('Der Link gilt bis');
    // Without a yes: the same gift, by the mail that it arrived; nobody has anything to work on.
    $this->signUp($no, ['yes-voyage-news' => null]);
    work();
    $arrived = arrived($no);
    expect($arrived)->toHaveCount(1)->and($arrived[0]['text'])->toContain('What you asked for')->not->toContain('will answer')
        ->and($this->get(($this->linkIn)($arrived[0]['text']))->getStatusCode())->toBe(200)
        ->and(Enquiry::query()->where('state', EnquiryState::Open)->count())->toBe(0);
    // Withdrawing takes nothing back; its days do.
    $this->post('/withdraw', ['token' => Link::Withdraw->token(
        SignupJourney::query()->with('subscriber')->sole()->subscriber->subject, app(MacRing::class)
    ), 'all' => '1'])->assertOk();
    $this->get($link)->assertOk();
    Carbon::setTestNow(now()->addDays(15));
    $this->get($link)->assertStatus(410)->assertSee('/forms/footer-newsletter/');
    $this->get(substr($link, 0, -4).'AAAA')->assertNotFound();
});

test('for agreeing alone: the words have to name it, and nobody else gets it', function (): void {
    $rule = ['departures/gift-without' => [
        'value' => false, 'reason' => 'The guide is printed for subscribers, and its cost is theirs.', 'by' => 'Malin Fors', 'on' => '2026-05-02',
    ]];
    ($this->gives)([...$rule, 'kind' => 'newsletter']);
    expect(fn () => ($this->publish)())->toBeRefused(ActRefusal::StillToDo);
    foreach (['en' => 'voyage', 'de' => 'neue Fahrten'] as $language => $name) {
        written($this->point->record, $this->malin, "gift/name/$language", $language === 'en' ? 'new sailings and fares' : 'neue Fahrten und Preise');
    }
    ($this->publish)();
    $this->signUp($to = someone());
    work();
    $this->post('/confirm', ['token' => $this->confirmToken()])->assertSee('Your gift');
    work();
    expect(($this->linkIn)(implode(' ', array_column(arrived($to), 'text'))))->not->toBe('');
});

test('what is no file that is given is refused, by its bytes and not by its name; a newsletter cannot be sent without a yes', function (): void {
    foreach (['<?php echo 1;', '<html><script>alert(1)</script></html>', 'MZ'.str_repeat("\0", 60)] as $bytes) {
        expect(fn () => app(PutGift::class)($this->point->record, 'guide.pdf', $bytes, $this->malin))->toBeRefused(ActRefusal::GiftKind);
    }
    expect(fn () => app(PutGift::class)($this->point->record, 'guide.pdf', '', $this->malin))->toBeRefused(ActRefusal::FileSize)
        ->and(fn () => app(PutGift::class)($this->point->record, 'guide.pdf', '%PDF-1.4'.str_repeat('x', 8_000_001), $this->malin))
        ->toBeRefused(ActRefusal::FileSize);
    ($this->gives)(['kind' => 'newsletter']);
    expect(fn () => ($this->publish)())->toBeRefused(ActRefusal::StillToDo);
    // A crafted request names no file of somebody else's.
    $this->actingAs($this->malin)->post('/points/footer-newsletter/change', [
        'place' => 'gift/file', 'value' => str_repeat('a', 64).' 9 application/pdf x.pdf', 'base' => newestOf($this->point->record), 'do' => 'set',
    ])->assertStatus(422);
    written($this->point->record, $this->malin, 'gift/spot', true);
    $document = $this->point->record->refresh()->newestRevision()->document;
    expect($document->without(Place::of('gift'))->at('gift'))->toBeNull();
});

test('what is handed over on the spot has no link, and the page after sending says where it is', function (): void {
    ($this->gives)(['gift/spot' => true]);
    ($this->publish)();
    $this->signUp($to = someone())->assertRedirect();
    $this->get('/forms/footer-newsletter/en/sent')->assertOk()->assertSee('Six walks is handed to you');
    work();
    $this->post('/confirm', ['token' => $this->confirmToken()])->assertDontSee('Your gift');
    work();
    expect(($this->linkIn)(implode(' ', array_column(arrived($to), 'text'))))->toBe('');
});
