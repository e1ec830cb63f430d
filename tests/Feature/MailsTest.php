<?php

declare(strict_types=1);

use App\Actions\ActRefusal;
use App\Actions\Delivery\OutcomeKind;
use App\Actions\Mailing\MailWords;
use App\Actions\Registers\Approve;
use App\Actions\Registers\Propose;
use App\Models\Point;
use App\Models\Record;
use App\Models\User;
use App\Support\PublishedForms;
use Illuminate\Support\Carbon;
use Juramen\Canon\Document;
use Juramen\Points\PointEdition;
use Juramen\Register\Language;
use Juramen\Register\RecordKind;
use Juramen\Wording\MailKind;
use Juramen\Wording\MailWording;
use Tests\Support\Visitor;

uses(Visitor::class);

/* Mails as records: worded by an editor, approved by an officer, frozen with the edition of each form, and never without what is locked. */

beforeEach(function (): void {
    mailServer('accept');
    [$this->runa, $this->arne, $this->malin] = User::query()->orderBy('id')->limit(3)->get()->all();
    $this->begin = function (string $kind): Record {
        $this->actingAs($this->malin)->post('/records/mail', ['name' => $kind, 'controller' => 'tidewick-ferries'])
            ->assertRedirect("/records/mail/tidewick-ferries-$kind");

        return recordOf('mail', "tidewick-ferries-$kind");
    };
    $this->change = fn (Record $mail, string $place, mixed $value) => $this->actingAs($this->malin)->post(
        "/records/mail/$mail->slug/change", ['place' => $place, 'value' => $value, 'base' => newestOf($mail), 'do' => 'put']
    );
    $this->approve = fn (Record $mail) => app(Approve::class)(
        $mail->name(), $this->runa, newestOf($mail), '', chosenPoints($mail, 'footer-newsletter')
    );
    $this->shown = fn (): PointEdition => app(PublishedForms::class)->current('footer-newsletter') ?? throw new RuntimeException('It is published.');
});

test('an editor words a mail, an officer approves it, the form takes it up, and people get it in their language', function (): void {
    $mail = ($this->begin)('confirmation');
    foreach (['subject/en' => 'Nearly aboard: {title}', 'subject/de' => 'Fast an Bord: {title}', 'greeting/de' => 'Moin {name},',
        'greeting-without-name/de' => 'Moin,'] as $place => $words) {
        ($this->change)($mail, "parts/$place", $words)->assertOk();
    }
    $this->signUp($before = someone());
    work();
    expect(arrived($before)[0]['subject'])->toStartWith('Please confirm: ', 'a draft is in no mail');
    // Who wrote it does not approve it, and who may not write cannot.
    $this->actingAs($this->malin)->post("/records/mail/$mail->slug/approve", ['revision' => newestOf($mail)])->assertForbidden();
    ($this->approve)($mail);
    Carbon::setTestNow(now()->addHour());
    [$named, $odd, $english] = [someone(), someone(), someone()];
    $this->signUp($named, ['first-name' => 'Jürgen'], 'de');
    $this->signUp($odd, ['first-name' => 'You have won a prize'], 'de');
    $this->signUp($english, ['first-name' => 'Jo']);
    work();
    $text = static fn (string $to): string => arrived($to)[0]['text'];
    expect(arrived($named)[0]['subject'])->toStartWith('Fast an Bord: ')->and($text($named))->toContain('Moin Jürgen,')
        ->and($text($odd))->toContain('Moin,')->not->toContain('prize')
        ->and(arrived($english)[0]['subject'])->toStartWith('Nearly aboard: ')->and($text($english))->not->toContain('Moin');
    // What is locked stands in all of them: the words, the link, the controller and its notice; and nothing to unsubscribe from.
    foreach ([$named, $odd, $english] as $to) {
        $mailed = arrived($to)[0];
        expect($mailed['text'])->toContain('/confirm/')->toContain('Lantern Quay')->toContain('privacy')->and($mailed['html'])->toContain('/confirm/')
            ->and(implode("\n", $mailed['headers']))->not->toContain('List-Unsubscribe')->and(strlen($mailed['raw']))->toBeLessThan(20_000);
    }
    // The edition of the form names the edition of the mail.
    $frozen = ($this->shown)()->in(Language::German)->mail('confirmation');
    expect($frozen->word('edition'))->toBe($mail->editions()->sole()->digest->hex())
        ->and(PointEdition::parse(($this->shown)()->bytes)->digest())->toEqual(($this->shown)()->digest());
    // Approved again as it is, nothing differs; retired, our own words come back with the next edition.
    expect(($this->shown)()->sheet->mails)->toHaveCount(1);
});

test('what is locked cannot be written over or taken out, and what is unknown is refused with nothing lost', function (string $place, string $value): void {
    $mail = ($this->begin)('confirmation');
    ($this->change)($mail, $place, $value)->assertStatus(422);
    expect(newestOf($mail))->toBe(1);
})->with([
    ['parts/statements/en', 'Anything'], ['parts/link/en', 'https://elsewhere.example'], ['parts', ''], ['kind', 'welcome'], ['controller', 'other'],
    ['parts/subject/en', 'For {recipient}'], ['parts/because/en', 'See www.elsewhere.example'], ['parts/button/en', str_repeat('x', 51)],
]);

test('a part that is emptied falls back to our own words', function (): void {
    $mail = ($this->begin)('welcome');
    ($this->change)($mail, 'parts/subject/en', 'Aboard')->assertOk();
    ($this->change)($mail, 'parts/subject/en', '')->assertOk();
    ($this->change)($mail, 'parts/withdraw/en', 'No more mails')->assertOk();
    ($this->approve)($mail);
    $frozen = ($this->shown)()->in(Language::English)->mail('welcome');
    expect($frozen->word('subject'))->toStartWith('Welcome: ')->and($frozen->word('withdraw'))->toBe('No more mails')
        ->and($frozen->word('withdraw-text'))->not->toBe('');
});

test('all mails stand in one list, ours among them; begun twice there is one', function (): void {
    ($this->begin)('reminder');
    ($this->begin)('reminder');
    expect(Record::query()->where('kind', RecordKind::Mail)->count())->toBe(1);
    $this->get('/wording/mails')->assertOk()->assertSee('Reminder')->assertSee('draft')->assertSee('ours')->assertSee('Word it');
    expect((string) $this->get('/wording/mails?as=csv')->assertOk()->streamedContent())->toContain('Reminder')->toContain('draft');
    $this->post('/records/mail', ['name' => 'nonsense', 'controller' => 'tidewick-ferries'])->assertRedirect();
    expect(Record::query()->where('kind', RecordKind::Mail)->count())->toBe(1);
    foreach (['auditor' => [200, 403], 'administrator' => [403, 403]] as $role => [$see, $write]) {
        $this->actingAs(User::query()->where('role', $role)->firstOrFail());
        expect($this->get('/records/mail/tidewick-ferries-reminder')->getStatusCode())->toBe($see)
            ->and($this->post('/records/mail/tidewick-ferries-reminder/change', ['place' => 'parts/subject/en', 'value' => 'x', 'base' => 1])->getStatusCode())
            ->toBe($write)->and($this->post('/records/mail/tidewick-ferries-reminder/send/en')->getStatusCode())->toBe($write);
    }
});

test('its proof is the mail as it would go out, by day and in the dark, as text, and with an odd name', function (): void {
    $mail = ($this->begin)('welcome');
    ($this->change)($mail, 'parts/greeting/en', 'Ahoy {name},')->assertOk();
    $page = (string) $this->get("/records/mail/$mail->slug?shown=en")->assertOk()->getContent();
    expect(preg_match('#src="([^"]+/proof/en/[^"]+)"#', $page, $found))->toBe(1);
    $proof = html_entity_decode($found[1]);
    $shown = $this->get($proof)->assertOk()->assertSee('Ahoy Hanne,')->assertSee('Lantern Quay');
    expect($shown->headers->get('Content-Security-Policy'))->toContain('sandbox')->toContain("default-src 'none'");
    $this->get("$proof?typed=odd")->assertSee('Hello,')->assertDontSee('prize');
    $this->get("$proof?dark=1")->assertDontSee('prefers-color-scheme');
    $this->get("$proof?text=1")->assertOk()->assertHeader('Content-Type', 'text/plain; charset=utf-8')->assertSee('/withdraw/');
    // What is typed and not saved yet shows in it, and is not saved.
    $this->post("/records/mail/$mail->slug/judge", ['place' => 'parts/subject/en', 'value' => 'Typed just now', 'base' => 2, 'do' => 'put'])->assertOk()
        ->assertSee('Typed just now');
    expect(newestOf($mail))->toBe(2);
    $this->post("/records/mail/$mail->slug/send/en")->assertRedirect();
    $this->post("/records/mail/$mail->slug/send/en")->assertRedirect();
    expect(work())->toBe([OutcomeKind::Accepted]);
    [$sent] = arrived($this->malin->email);
    expect($sent['text'])->toContain('Ahoy ')->and($this->acts())->toBe([]);
});

test('a form that is half written spoils no proof', function (): void {
    $mail = ($this->begin)('confirmation');
    written(Point::query()->firstOrFail()->record, $this->malin, 'languages', ['en', 'de', 'sv']);
    $page = (string) $this->get("/records/mail/$mail->slug?shown=sv")->assertOk()->getContent();
    expect(preg_match('#src="([^"]+/proof/sv/[^"]+)"#', $page, $found))->toBe(1);
    $this->get(html_entity_decode($found[1]))->assertOk()->assertSee('Ja, anmäl mig');
});

test('it goes the way of all wording: submitted, returned with a reply, undone, compared', function (): void {
    $mail = ($this->begin)('acknowledgement');
    ($this->change)($mail, 'parts/subject/en', 'We have it')->assertOk();
    app(Propose::class)->submit($mail, $this->malin, 'A comment of fifteen letters.');
    $this->actingAs($this->runa)->get('/desk')->assertSee('Mail tidewick ferries acknowledgement');
    // Parts have names there, and what it is stands once, above.
    $this->get("/records/mail/$mail->slug/review")->assertOk()->assertSee('We have it')->assertSee('Subject, English')->assertDontSee('Parts, English');
    $this->actingAs($this->malin)->post("/records/mail/$mail->slug/undo", ['base' => newestOf($mail)])->assertOk();
    $this->get("/records/mail/$mail->slug/history")->assertOk();
});

test('a mail that is sent for something else carries no advertising, unless somebody says why it is none', function (): void {
    $mail = ($this->begin)('acknowledgement');
    ($this->change)($mail, 'parts/text/de', 'Ihre Nachricht liegt der Redaktion vor; warten Sie ihre Reaktion ab.')->assertOk();
    $this->actingAs($this->malin)->get("/records/mail/$mail->slug")->assertDontSee('reads like advertising');
    ($this->change)($mail, 'parts/text/de', 'Ihre Nachricht ist da. Sichern Sie sich jetzt unsere Kabinenangebote!')->assertOk();
    $this->actingAs($this->malin)->get("/records/mail/$mail->slug")->assertSee('reads like advertising');
    expect(fn () => app(Approve::class)($mail->name(), $this->runa, newestOf($mail), ''))->toBeRefused(ActRefusal::MailAdvertises);
    app(Approve::class)($mail->name(), $this->runa, newestOf($mail), 'The word is the name of our harbour magazine.');
    // Whoever has agreed may be told of offers in the mail that welcomes them.
    $welcome = ($this->begin)('welcome');
    ($this->change)($welcome, 'parts/text/en', 'Thank you. Our first offers come on Friday.')->assertOk();
    app(Approve::class)($welcome->name(), $this->runa, newestOf($welcome), '');
    // Our own words are none.
    foreach (MailKind::cases() as $kind) {
        $parts = [];
        foreach (Language::cases() as $language) {
            foreach ($kind->parts() as $part) {
                $parts[$part->value][$language->value] = MailWords::asWritten(MailWords::ours($kind->value, $language)->word($part->value));
            }
        }
        $ours = MailWording::from(Document::from([
            'id' => 'x', 'controller' => 'tidewick-ferries', 'kind' => $kind->value, 'parts' => array_map(array_filter(...), $parts),
        ]));
        expect($ours->advertises())->toBe([]);
    }
});
