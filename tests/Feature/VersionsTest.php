<?php

declare(strict_types=1);

use App\Actions\ActRefusal;
use App\Actions\Flow\AddCounts;
use App\Actions\Ledger\LedgerTables;
use App\Actions\Signup\MendAddress;
use App\Models\HeldSubmission;
use App\Models\Point;
use App\Models\SignupJourney;
use App\Models\Subscriber;
use App\Models\User;
use App\Pages\Evidence\AnsweredForm;
use App\Queries\Flow\ReadTrials;
use App\Support\FlowLog;
use App\Support\PublishedForms;
use App\Support\SentTicket;
use App\Support\SystemClock;
use Database\Demo\ContactForm;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Juramen\Canon\Document;
use Juramen\Canon\Id;
use Juramen\Canon\MacRing;
use Juramen\Consent\Acts\Given;
use Juramen\Consent\Entry;
use Juramen\Points\FormVersion;
use Juramen\Points\PointEdition;
use Juramen\Points\SheetDraft;
use Juramen\Points\VisitMark;
use Juramen\Register\EmailAddress;
use Juramen\Register\Language;
use Symfony\Component\DomCrawler\Crawler;
use Tests\Support\Visitor;

uses(Visitor::class);

/* Two versions of a form's own words, shown by chance at the same time: what was shown is on record, and nothing stands on a device. */

const BROWSER = ['User-Agent' => 'Mozilla/5.0 (X11; Linux x86_64) Gecko/20100101', 'Accept' => 'text/html', 'Accept-Language' => 'en'];

beforeEach(function (): void {
    config(['juramen.flow' => $this->folder = sys_get_temp_dir().'/juramen-versions-'.getmypid()]);
    File::deleteDirectory($this->folder);
    app()->forgetInstance(FlowLog::class);
    [$this->runa, $this->arne, $this->malin] = User::query()->orderBy('id')->limit(3)->get()->all();
    $this->point = Point::query()->where('slug', 'footer-newsletter')->firstOrFail();
    $this->first = $this->point->record->newestRevision()->document->part('title')->text('en');
    $this->publish = function (array $words): PointEdition {
        foreach ($words as $place => $value) {
            written($this->point->record, $this->malin, "second/$place", $value);
        }

        return publishNow('footer-newsletter', $this->arne);
    };
    $this->title = fn ($response): string => (new Crawler((string) $response->getContent()))->filter('h1')->text();
    // A page that chance has given one of the two versions.
    $this->served = function (bool $second, string $language = 'en'): array {
        for ($i = 0; $i < 200; $i++) {
            $page = $this->get("/forms/footer-newsletter/$language", BROWSER)->assertOk();
            if ((($this->title)($page) === 'Sail with us') === $second) {
                return $this->hidden($page);
            }
        }
        throw new LogicException('Chance gave one version 200 times over.');
    };
    $this->given = function (): Entry {
        $chain = app(LedgerTables::class)->chain(Subscriber::query()->orderByDesc('id')->firstOrFail()->subject);

        return array_values(array_filter($chain, static fn (Entry $e): bool => $e->act instanceof Given))[0];
    };
});

afterEach(fn () => File::deleteDirectory($this->folder));

test('the mark decides which of two is shown, half and half, with nothing on the device; the entry and the evidence say the same', function (): void {
    ($this->publish)(['title/en' => 'Sail with us', 'button/en' => 'Come aboard']);
    $edition = app(PublishedForms::class)->current('footer-newsletter');
    $seconds = 0;
    for ($i = 0; $i < 200; $i++) {
        $page = $this->get('/forms/footer-newsletter/en', BROWSER);
        $mark = VisitMark::open($this->hidden($page)['visit'], app(MacRing::class));
        $isSecond = FormVersion::allotted($mark->nonce) === FormVersion::Second;
        $seconds += (int) $isSecond;
        expect(($this->title)($page))->toBe($isSecond ? 'Sail with us' : $this->first)->and($page->headers->getCookies())->toBe([]);
    }
    // Half of 200, within five standard deviations.
    expect($seconds)->toBeGreaterThan(64)->toBeLessThan(136);
    // In a language in which nothing differs there is one version, and nobody is allotted any.
    expect($edition->in(Language::German)->allots())->toBeFalse()->and(($this->title)($this->get('/forms/footer-newsletter/de')))->not->toBe('Sail with us');
    foreach ([true, false] as $second) {
        $this->signUp(someone(), [], 'en', ($this->served)($second))->assertRedirect();
        $entry = ($this->given)();
        $journey = SignupJourney::query()->orderByDesc('asked_at')->firstOrFail();
        expect($entry->act->version === FormVersion::Second)->toBe($second)->and($journey->version)->toBe($entry->act->version);
        $shown = app(AnsweredForm::class)([$entry], $entry, $entry->act, 1);
        expect((new Crawler($shown))->filter('h1')->text())->toBe($second ? 'Sail with us' : $this->first)
            ->and(str_contains($shown, 'Come aboard'))->toBe($second)->and(Entry::parse($entry->bytes)->act->version)->toBe($entry->act->version);
    }
    $this->signUp(someone(), [], 'de');
    expect(SignupJourney::query()->orderByDesc('asked_at')->firstOrFail()->version)->toBeNull();
    $again = PointEdition::parse($edition->bytes);
    expect($again->digest()->equals($edition->digest()))->toBeTrue()->and($again->in(Language::English)->second)->toHaveCount(1);
    $this->artisan('ledger:seal');
    expect(verified()->faults)->toBe([]);
});

test('whoever is shown a page again sees the version that was theirs: after a mistake, a second send, and a day', function (bool $second): void {
    ($this->publish)(['title/en' => 'Sail with us']);
    $title = $second ? 'Sail with us' : $this->first;
    $marks = ($this->served)($second);
    expect(($this->title)($this->signUp('not an address', [], 'en', $marks)->assertStatus(422)))->toBe($title);
    $this->signUp($to = someone(), [], 'en', $marks)->assertRedirect();
    // Its mark is spent: with other answers comes a fresh page in the same words, and its tick stands.
    $spent = $this->signUp('other-'.$to, [], 'en', $marks)->assertStatus(422);
    expect(($this->title)($spent))->toBe($title)->and((new Crawler((string) $spent->getContent()))->filter('input[checked]'))->toHaveCount(1);
    $old = ($this->served)($second);
    Carbon::setTestNow(now()->addDays(2));
    expect(($this->title)($this->signUp(someone(), [], 'en', $old)->assertStatus(422)))->toBe($title);
})->with([[true], [false]]);

test('held, released and mended it stays the version that was shown', function (): void {
    ($this->publish)(['title/en' => 'Sail with us']);
    $this->signUp($to = someone(), ['homepage' => 'https://spam.example'], 'en', ($this->served)(true));
    $held = HeldSubmission::query()->firstOrFail();
    expect($held->content->version)->toBe(FormVersion::Second);
    $this->actingAs($this->runa)->decided($held->id, 'accept');
    expect(($this->given)()->act->version)->toBe(FormVersion::Second);
    $marks = ($this->served)(true);
    $this->signUp($wrong = someone(), [], 'en', $marks);
    $nonce = VisitMark::open($marks['visit'], app(MacRing::class))->nonce;
    $ticket = SentTicket::issue($nonce, EmailAddress::parse($wrong), app(SystemClock::class)->instant());
    app(MendAddress::class)($ticket, $ticket->mended(EmailAddress::parse('right-'.$wrong), app(SystemClock::class)->instant()));
    expect(($this->given)()->act->version)->toBe(FormVersion::Second)
        ->and(SignupJourney::query()->orderByDesc('asked_at')->firstOrFail()->version)->toBe(FormVersion::Second);
});

test('the second version is judged like the first, at its own words; nothing else can be another in it', function (): void {
    demoPoint(ContactForm::SHEET, $this->malin, $this->arne);
    $record = Point::query()->where('slug', 'contact-form')->firstOrFail()->record;
    written($record, $this->malin, 'second/purpose-line/en', 'By sending this form you agree to receive our newsletter.');
    expect(fn () => publishNow('contact-form', $this->arne))->toBeRefused(ActRefusal::Breach);
    $page = $this->actingAs($this->malin)->get('/points/contact-form')->assertOk()->assertSee('In the second version');
    expect(trim((new Crawler((string) $page->getContent()))->filter('#marks-at-second-purpose-line')->text()))->not->toBe('');
    written($record, $this->malin, 'second/purpose-line/en', 'Ask us anything.');
    publishNow('contact-form', $this->arne);
    $this->get('/points/contact-form')->assertDontSee('In the second version');
    $at = '/points/footer-newsletter/change';
    foreach (['second/statements/voyage-news/texts/en', 'second/notice/en', 'second/fields'] as $place) {
        $this->post($at, ['place' => $place, 'value' => 'x', 'base' => newestOf($this->point->record)])->assertStatus(422);
    }
    // In words that are the first's, or none, there is one version.
    $draft = SheetDraft::from($this->point->record->newestRevision()->document);
    $same = SheetDraft::from(Document::from([...$draft->document()->toArray(), 'second' => ['title' => $draft->title->toArray()]]));
    expect($same->differsIn(Language::English))->toBeFalse();
});

test('compared is what was shown and confirmed, of editions in the same words, and nobody whose time is not over', function (): void {
    ($this->publish)(['title/en' => 'Sail with us']);
    $trials = fn () => app(ReadTrials::class)->ofForms($this->point);
    foreach ([true, true, true, false, false] as $i => $second) {
        $this->signUp("p$i@post.example", [], 'en', ($this->served)($second));
        $this->mailsAreTaken();
        if ($i !== 4) {
            $this->post('/confirm', ['token' => $this->confirmToken()])->assertOk();
        }
    }
    $lines = file("$this->folder/now");
    $shown = fn (string $version): int => count(preg_grep("/ shown $version\n$/", $lines));
    expect($shown('first') + $shown('second'))->toBe($shown('1'));
    app(AddCounts::class)();
    foreach (glob("$this->folder/aside-*") ?: [] as $file) {
        touch($file, time() - 60);
    }
    app(AddCounts::class)();
    expect($trials()->open)->toBe(5)->and($trials()->trial->first->people)->toBe(0);
    // Published anew for something else: it goes on being counted. In other words it begins anew.
    written($this->point->record, $this->malin, 'purpose-line/de', 'Neue Fahrten und Preise, einmal im Monat, für Sie.');
    publishNow('footer-newsletter', $this->arne);
    Carbon::setTestNow(now()->addDays(9));
    $run = $trials();
    expect([$run->trial->second->confirmed, $run->trial->first->confirmed, $run->open])->toBe([3, 1, 0])
        ->and([$run->trial->first->people, $run->trial->second->people, $run->isKnown])->toBe([$shown('first'), $shown('second'), true]);
    $this->actingAs($this->runa)->get('/points/footer-newsletter/flow')->assertOk()->assertSee('Two versions of the form')->assertSee('There is no winner');
    // What was not counted is not taken for a rate.
    DB::table('flow_counts')->where('what', 'shown second')->update(['count' => 2]);
    expect($trials()->isKnown)->toBeFalse();
    $this->get('/points/footer-newsletter/flow')->assertOk()->assertSee('nothing can be compared')->assertDontSee('Second version');
    ($this->publish)(['title/en' => 'Sail with us, today']);
    expect($trials()->trial->first->people)->toBe(0)->and($trials()->since)->toBe($run->since + 2);
});

test('a nonce is allotted its version and its wording apart from each other', function (): void {
    $both = [];
    for ($i = 0; $i < 400; $i++) {
        $nonce = Id::random();
        $both[FormVersion::allotted($nonce)->value.' '.(ord($nonce->bytes[15]) % 2)] = true;
    }
    expect($both)->toHaveCount(4);
});
