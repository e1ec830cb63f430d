<?php

declare(strict_types=1);

use App\Actions\Mailing\ComposeMail;
use App\Actions\Mailing\Outbox;
use App\Actions\Mailing\OutcomeKind;
use App\Actions\Mailing\SendMail;
use App\Actions\Signup\LapseJourneys;
use App\Models\Journey;
use App\Models\Message;
use App\Models\MessageState;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Tests\Support\Visitor;
use ZBateson\MailMimeParser\Message as Parsed;

uses(Visitor::class);

/** How the mailbox stand-in of the running instance is to behave. */
function mailServer(string $mode): void
{
    Http::asForm()->withoutRedirecting()->post(mailbox().'/mode', ['name' => $mode, 'seconds' => 0]);
}

function mailbox(): string
{
    return 'http://127.0.0.1:'.(config('juramen.mail.port') + 1);
}

/** @return list<array<string, mixed>> */
function arrived(string $to): array
{
    return Http::get(mailbox().'/mails.json', ['to' => $to])->json();
}

function someone(): string
{
    return 'someone.'.bin2hex(random_bytes(4)).'@post.example';
}

/** Sends what is due now; returns what became of each. */
function work(): array
{
    $outcomes = [];
    while (($message = app(Outbox::class)->claim()) !== null) {
        $outcomes[] = app(SendMail::class)($message)->kind;
    }

    return $outcomes;
}

afterEach(fn () => mailServer('accept'));

// Every mail is parsed by zbateson/mail-mime-parser, which shares no code with what writes it (symfony/mime).
test('both mails read as they should in both languages', function (string $language, string $yes): void {
    $to = someone();
    $this->signUp($to, ['first-name' => 'Jürgen "J" <b>'], $language);
    expect(work())->toBe([OutcomeKind::Accepted]);
    $this->post('/confirm', ['token' => $this->confirmToken()]);
    expect(work())->toBe([OutcomeKind::Accepted]);
    [$welcome, $confirmation] = array_map(fn (array $mail) => Parsed::from(mb_convert_encoding($mail['raw'], 'ISO-8859-1', 'UTF-8'), false), arrived($to));
    $statement = $this->edition->statements[0]->texts->toArray()[$language];
    foreach ([$confirmation, $welcome] as $mail) {
        expect($mail->getHeaderValue('To'))->toBe($to)->and($mail->getHeaderValue('From'))->toBe('voyages@tidewick.example')
            ->and($mail->getHeader('From')->getPersonName())->toBe('Tidewick Ferries')->and($mail->getHeaderValue('Message-ID'))->toMatch('/^[0-9a-f]{32}@tidewick\.example$/')
            ->and($mail->getHeaderValue('Date'))->not->toBeNull()->and($mail->getHeaderValue('Auto-Submitted'))->toBe('auto-generated')
            ->and(preg_replace('/\s+/', ' ', $mail->getTextContent()))->toContain($statement)->toContain('Lantern Quay 3')
            ->and(html_entity_decode($mail->getHtmlContent()))->toContain($statement)->and($mail->getHtmlContent())->not->toContain('<img')->not->toContain('<script');
        foreach (explode("\r\n", $mail->getTextStream() === null ? '' : (string) $mail) as $line) {
            expect(strlen($line))->toBeLessThanOrEqual(998);
        }
    }
    // The confirmation mail: one link that acts, no advertising, nothing to unsubscribe from, no name that a stranger may have typed.
    expect($confirmation->getHeaderValue('List-Unsubscribe'))->toBeNull()->and($confirmation->getHtmlContent())->toContain($yes)->not->toContain('Jürgen')
        ->and(substr_count($confirmation->getHtmlContent(), '/confirm/'))->toBe(1)->and($confirmation->getTextContent())->not->toContain('/withdraw/');
    expect($welcome->getTextContent())->toContain('Jürgen "J" <b>')->and($welcome->getHtmlContent())->toContain('&lt;b&gt;');
    // RFC 2369 section 3.2 and RFC 8058 section 3.1: both headers, an https or http address in angle brackets.
    expect($welcome->getHeaderValue('List-Unsubscribe-Post'))->toBe('List-Unsubscribe=One-Click')
        ->and($welcome->getHeader('List-Unsubscribe')->getRawValue())->toMatch('#^<https?://[^<>\s,]+/withdraw/[^<>\s,]+>$#');
    preg_match('#/withdraw/[^>\s]+#', $welcome->getHeader('List-Unsubscribe')->getRawValue(), $link);
    $this->post($link[0], ['List-Unsubscribe' => 'One-Click'])->assertOk();
    expect(DB::table('permissions')->value('reason'))->toBe('withdrawn');
})->with([['en', 'Yes, sign me up'], ['de', 'Ja, melden Sie mich an']]);

test('a server that is away or puts off is tried again, with the same Message-ID, and sends once', function (string $mode): void {
    $to = someone();
    mailServer($mode);
    $this->signUp($to);
    expect(work())->toBe([OutcomeKind::NotNow])->and($this->message()->state)->toBe(MessageState::Waiting)->and(work())->toBe([]);
    $id = $this->message()->message_id;
    Carbon::setTestNow(now()->addSeconds(11));
    expect(work())->toBe([OutcomeKind::NotNow]);
    mailServer('accept');
    Carbon::setTestNow(now()->addMinutes(5));
    expect(work())->toBe([OutcomeKind::Accepted])->and($this->message()->attempts)->toBe(3)->and($this->message()->message_id)->toBe($id);
    expect(arrived($to))->toHaveCount(1)->and(arrived($to)[0]['messageId'])->toContain($id);
    expect(Journey::query()->firstOrFail()->lapses_at->text())->toStartWith(now()->addDays(7)->format('Y-m-d'));
})->with(['later', 'lost']);

test('a server that refuses for good is not tried again, and the address does not stay for ever', function (): void {
    mailServer('refuse');
    $this->signUp(someone());
    expect(work())->toBe([OutcomeKind::Refused])->and($this->message()->state)->toBe(MessageState::Failed)->and($this->message()->problem)->toBe('server-said-550');
    Carbon::setTestNow(now()->addDays(8));
    expect(work())->toBe([])->and(app(LapseJourneys::class)())->toBe(1)->and(DB::table('disclosures')->count())->toBe(0);
});

test('a server that takes the mail and falls silent leaves it uncertain, for a person to decide', function (): void {
    config(['juramen.mail.timeout' => 1]);
    $to = someone();
    mailServer('silent');
    $this->signUp($to);
    expect(work())->toBe([OutcomeKind::Unknown])->and($this->message()->state)->toBe(MessageState::Uncertain)->and(arrived($to))->toHaveCount(1);
    mailServer('accept');
    Carbon::setTestNow(now()->addDays(1));
    expect(work())->toBe([])->and(arrived($to))->toHaveCount(1);
    $this->actingAs(User::query()->where('role', 'officer')->firstOrFail())->get('/mails')->assertOk()->assertSee('fell silent')->assertDontSee($to);
    $this->post('/mails/'.$this->message()->id.'/again')->assertRedirect('/mails');
    expect(work())->toBe([OutcomeKind::Accepted])->and($this->message()->state)->toBe(MessageState::Sent);
    $this->post('/mails/'.$this->message()->id.'/again')->assertRedirect('/mails');
    expect(work())->toBe([]);
});

test('a claim whose worker is gone becomes uncertain and is not sent by itself', function (): void {
    $this->signUp(someone());
    expect(app(Outbox::class)->claim())->not->toBeNull()->and(app(Outbox::class)->claim())->toBeNull()
        ->and(app(Outbox::class)->markUncertain())->toBe(0);
    Carbon::setTestNow(now()->addSeconds(config('juramen.mail.claim_seconds') + 1));
    expect(app(Outbox::class)->markUncertain())->toBe(1)->and($this->message()->state)->toBe(MessageState::Uncertain)->and(work())->toBe([]);
});

test('two workers never have the same mail in hand', function (): void {
    for ($i = 0; $i < 3; $i++) {
        $this->signUp(someone());
    }
    config(['database.connections.second' => config('database.connections.runtime')]);
    $held = DB::connection('second');
    $held->beginTransaction();
    $locked = $held->table('messages')->where('state', 'waiting')->orderBy('due_at')->lock('for update skip locked')->first();
    $claimed = [app(Outbox::class)->claim()?->id, app(Outbox::class)->claim()?->id, app(Outbox::class)->claim()?->id];
    $held->rollBack();
    expect(array_filter($claimed))->toHaveCount(2)->not->toContain($locked->id);
});

test('a mail whose reason is gone is not sent', function (): void {
    $to = someone();
    $this->signUp($to);
    $this->post('/confirm', ['token' => $this->confirmToken()]);
    $this->post('/withdraw', ['token' => $this->withdrawToken()]);
    expect(work())->toBe([OutcomeKind::Refused, OutcomeKind::Refused])->and(arrived($to))->toBe([])
        ->and(Message::query()->pluck('problem')->unique()->all())->toBe(['no-longer-wanted']);
});

test('a mail is put together the same on every try', function (): void {
    $this->signUp(someone());
    $compose = fn (): string => preg_replace(['/^Date:.*$/m', '/boundary=\S+|--\S{6,}/'], '', app(ComposeMail::class)($this->message()->load('subscriber', 'edition'))->toString());
    expect($compose())->toBe($compose());
});
