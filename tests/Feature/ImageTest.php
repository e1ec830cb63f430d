<?php

declare(strict_types=1);

use App\Actions\ActRefusal;
use App\Actions\Registers\Approve;
use App\Models\Point;
use App\Models\Record;
use App\Models\User;
use Database\Demo\AtlanticSign;
use Database\Demo\IslandPicture;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Juramen\Points\SheetDraft;
use Juramen\Register\Picture;
use Juramen\Register\RecordKind;
use Symfony\Component\DomCrawler\Crawler;
use Tests\Support\Visitor;
use ZBateson\MailMimeParser\Message;

uses(Visitor::class);

/* An image above a form: what comes is read, made anew and frozen; what is none, or a bomb, is refused. */

beforeEach(function (): void {
    $this->malin = User::query()->where('email', 'malin@tidewick.example')->firstOrFail();
    $this->arne = User::query()->where('email', 'arne@tidewick.example')->firstOrFail();
    $this->put = fn (string $content, string $name = 'x.png'): TestResponse => $this->actingAs($this->malin)
        ->post('/points/footer-newsletter/image', ['image' => UploadedFile::fake()->createWithContent($name, $content)]);
    $this->picture = fn (): ?Picture => SheetDraft::from(Point::query()->where('slug', 'footer-newsletter')->firstOrFail()->newest()->document)->look->picture;
});

test('an image is made small and anew, belongs to the edition, and says in each language what it shows', function (): void {
    // Behind the picture stands something else, as in a file that is two things at once.
    ($this->put)(IslandPicture::png().'<script>alert(1)</script><?php system("x");')->assertRedirect('/points/footer-newsletter')->assertSessionHasNoErrors();
    $picture = ($this->picture)();
    $bytes = (string) DB::table('frozen_bytes')->where('digest', $picture->digest->bytes)->value('bytes');
    expect(strlen($bytes))->toBeLessThanOrEqual(100_000)->and($bytes)->not->toContain('script')->not->toContain('<?php')
        ->and([$picture->width, $picture->height])->toBe([1280, 421])->and(getimagesizefromstring($bytes)['mime'])->toBe('image/webp');
    $base = (int) Point::query()->where('slug', 'footer-newsletter')->firstOrFail()->newest()->number;
    $alt = ['place' => 'look/alt/en', 'value' => 'The "islands" at <dawn>', 'base' => $base];
    $this->post('/points/footer-newsletter/change', $alt)->assertOk();
    publishNow('footer-newsletter', $this->arne);
    $image = (new Crawler((string) $this->get('/forms/footer-newsletter/en')->assertOk()->getContent()))->filter('img');
    expect($image->attr('alt'))->toBe('The "islands" at <dawn>')->and($image->attr('width'))->toBe('1280');
    $this->get((string) $image->attr('src'))->assertOk()->assertHeader('Content-Type', 'image/webp')->assertHeader('X-Content-Type-Options', 'nosniff');
    // Taken off, the old edition keeps its own.
    $this->actingAs($this->malin)->post('/points/footer-newsletter/change', ['place' => 'look/image', 'do' => 'remove', 'base' => $base + 1])->assertOk();
    expect(($this->picture)())->toBeNull();
    $this->get('/forms/footer-newsletter/en')->assertSee($picture->digest->hex());
    $this->artisan('ledger:seal');
    expect(verified()->faults)->toBe([]);
    DB::connection('owner')->table('frozen_bytes')->where('digest', $picture->digest->bytes)->delete();
    expect(verified()->faults)->not->toBe([]);
});

test('what is no image, is too large, or would fill the memory is refused, and the sheet stays', function (string $content, ActRefusal $refusal): void {
    $number = Point::query()->where('slug', 'footer-newsletter')->firstOrFail()->newest()->number;
    ($this->put)($content)->assertRedirect('/points/footer-newsletter')->assertSessionHasErrors('image')->assertRefused($refusal);
    expect(Point::query()->where('slug', 'footer-newsletter')->firstOrFail()->newest()->number)->toBe($number);
    $this->get('/points/footer-newsletter')->assertOk();
})->with([
    'nothing' => ['', ActRefusal::FileSize], 'a page' => ['<html><img src=x></html>', ActRefusal::NoImage],
    'a drawing with a script' => ['<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>', ActRefusal::NoImage],
    'a head without a body' => [fn (): string => substr(IslandPicture::png(), 0, 60), ActRefusal::NoImage],
    // A PNG whose head claims 50,000 by 50,000 pixels, in some bytes.
    'a bomb' => [fn (): string => "\x89PNG\r\n\x1a\n".pack('N', 13).'IHDR'.pack('NN', 50000, 50000)."\x08\x02\0\0\0".pack('N', 0), ActRefusal::ImageTooWide],
    'too many bytes' => [fn (): string => IslandPicture::png().str_repeat('x', 3_000_001), ActRefusal::FileSize],
]);

test('a crafted image that is not kept is not published, and one that is none is not written', function (): void {
    $change = fn (string $value): TestResponse => $this->actingAs($this->malin)
        ->post('/points/footer-newsletter/change', ['place' => 'look/image', 'value' => $value, 'base' => 1]);
    $change('javascript:alert(1)')->assertStatus(422);
    $change(str_repeat('a', 64).' 10x10')->assertOk();
    $this->actingAs($this->arne)->post('/points/footer-newsletter/publish', ['looked' => looked()])->assertSessionHasErrors('looked')
        ->assertRefused(ActRefusal::ImageGone);
    $this->get('/frozen/'.str_repeat('a', 64).'.webp')->assertNotFound();
});

test('the sign of a house stands on its forms from the edition in which it was approved, with the closing of its mails', function (): void {
    $this->runa = User::query()->where('email', 'runa@tidewick.example')->firstOrFail();
    $at = '/records/controller/tidewick-ferries';
    $sign = fn (string $content) => $this->post("$at/sign", ['sign' => UploadedFile::fake()->createWithContent('s.png', $content)]);
    $this->actingAs($this->malin)->post("$at/sign")->assertForbidden();
    $this->actingAs($this->runa);
    $sign('<svg></svg>')->assertRedirect($at)->assertRefused(ActRefusal::NoImage);
    $this->post('/records/statement/voyage-news/sign')->assertNotFound();
    $sign(AtlanticSign::png())->assertRedirect($at)->assertSessionHasNoErrors();
    $record = Record::named(RecordKind::Controller, 'tidewick-ferries');
    $this->post("$at/change", ['place' => 'closing/en', 'value' => 'Fair winds', 'base' => $record->newestRevision()->number])->assertOk();
    app(Approve::class)($record->name(), $this->arne, $record->newestRevision()->number, '');
    $this->get('/forms/footer-newsletter/en')->assertDontSee('class="sign"', false);
    publishNow('footer-newsletter', $this->arne);
    $image = (new Crawler((string) $this->get('/forms/footer-newsletter/en')->getContent()))->filter('img.sign');
    expect($image->attr('alt'))->toBe('')->and((int) $image->attr('height'))->toBeLessThanOrEqual(160);
    $this->get((string) $image->attr('src'))->assertOk()->assertHeader('Content-Type', 'image/webp');
    $this->signUp($to = someone());
    work();
    expect(arrived($to)[0]['html'])->not->toContain('<img')->toContain('Fair winds')->and(arrived($to)[0]['text'])->toContain("Fair winds\n\n--");
    // Mails bear it where the house says so: a part of the mail itself, small, and the same on every try.
    $this->post("$at/change", ['place' => 'look/mails', 'value' => 'sign', 'base' => $record->newestRevision()->number])->assertOk();
    app(Approve::class)($record->name(), $this->arne, $record->newestRevision()->number, '');
    publishNow('footer-newsletter', $this->arne);
    $this->signUp($to = someone());
    work();
    $raw = arrived($to)[0]['raw'];
    $mail = Message::from($raw, false);
    $part = $mail->getPartByContentId(substr((string) (new Crawler((string) $mail->getHtmlContent()))->filter('img')->attr('src'), 4));
    $image = getimagesizefromstring((string) $part?->getContent());
    expect($image[2])->toBe(IMAGETYPE_PNG)->and($image[1])->toBeLessThanOrEqual(96)->and(strlen($raw))->toBeLessThan(20_000)
        ->and($mail->getHtmlContent())->not->toContain('src="http')->and($mail->getTextContent())->toContain('Fair winds');
    // A crafted point has no sign of its own.
    $base = Point::query()->where('slug', 'footer-newsletter')->firstOrFail()->newest()->number;
    $this->post('/points/footer-newsletter/change', ['place' => 'look/sign', 'value' => str_repeat('a', 64).' 1x1', 'base' => $base])->assertStatus(422);
    $this->artisan('ledger:seal');
    expect(verified()->faults)->toBe([]);
});

test('letters that are shipped come from us alone, are frozen with the edition, and are missed where they are gone', function (): void {
    $change = fn (string $value): TestResponse => $this->actingAs($this->malin)->post('/points/footer-newsletter/change', [
        'place' => 'look/font', 'value' => $value, 'base' => Point::query()->where('slug', 'footer-newsletter')->firstOrFail()->newest()->number,
    ]);
    $change('bought-elsewhere')->assertStatus(422);
    $change('bitter')->assertOk();
    $sheet = static fn (string $page): string => (string) (new Crawler($page))->filter('link[rel=stylesheet]')->attr('href');
    $styles = fn (string $page): string => (string) $this->get($sheet($page))->assertOk()->getContent();
    $letters = static fn (string $css): string => preg_match('~url\((/frozen/[0-9a-f]{64}\.woff2)\)~', $css, $m) === 1 ? $m[1] : '';
    $frame = (new Crawler((string) $this->get('/points/footer-newsletter')->assertOk()->getContent()))->filter('iframe');
    // The proof loads them before anything is frozen.
    $proof = $letters($styles((string) $this->get((string) $frame->attr('src'))->assertOk()->getContent()));
    $this->get($proof)->assertOk()->assertHeader('Content-Type', 'font/woff2')->assertHeader('Access-Control-Allow-Origin', '*');
    publishNow('footer-newsletter', $this->arne);
    auth()->logout();
    $form = $this->get('/forms/footer-newsletter/en')->assertOk();
    $css = $styles((string) $form->getContent());
    expect($letters($css))->toBe($proof)->and($css)->toContain('"Form letters", Georgia')->not->toContain('http')
        ->and((string) $form->headers->get('Content-Security-Policy'))->toContain("font-src 'self'");
    $digest = hex2bin(substr($proof, 8, 64));
    expect(DB::table('frozen_bytes')->where('digest', $digest)->value('type'))->toBe('font/woff2');
    $this->artisan('ledger:seal');
    expect(verified()->faults)->toBe([]);
    DB::connection('owner')->table('frozen_bytes')->where('digest', $digest)->delete();
    expect(verified()->faults)->not->toBe([]);
    $this->get('/frozen/'.str_repeat('a', 64).'.woff2')->assertNotFound();
});
