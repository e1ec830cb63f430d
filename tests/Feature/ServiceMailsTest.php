<?php

declare(strict_types=1);

use App\Actions\Delivery\OutcomeKind;
use App\Actions\Signup\CountForTeams;
use App\Models\Delivery;
use App\Models\Point;
use App\Models\User;
use Illuminate\Support\Carbon;
use Juramen\Canon\Document;
use Juramen\Points\Recipient;
use Juramen\Points\RecipientGets;
use Tests\Support\Visitor;

uses(Visitor::class);

/* Mails that serve: what came on a day, to the team; and that a withdrawal is entered, to whoever saw no page that says it. */

beforeEach(function (): void {
    mailServer('accept');
    [$this->runa, , $this->malin] = User::query()->orderBy('id')->limit(3)->get()->all();
});

test('a team that wants it hears once a day how many came, and of nobody\'s address or words', function (): void {
    $record = Point::query()->firstOrFail()->record;
    $team = 'team.'.bin2hex(random_bytes(3)).'@tidewick.example';
    written($record, $this->malin, 'kind', 'contact');
    written($record, $this->malin, 'recipients/team', ['id' => 'team', 'address' => $team, 'gets' => 'daily']);
    publishNow('footer-newsletter', $this->runa);
    Carbon::setTestNow('2026-12-01 09:00:00');
    foreach (['imke', 'oda'] as $name) {
        $this->signUp("$name@post.example", ['yes-voyage-news' => '', 'first-name' => ucfirst($name)]);
    }
    // One that screening took for a program's is not counted.
    $this->signUp('bot@post.example', ['yes-voyage-news' => '', 'homepage' => 'x']);
    expect(Delivery::query()->where('kind', 'enquiry')->count())->toBe(0)->and(app(CountForTeams::class)())->toBe(0);
    work();
    Carbon::setTestNow('2026-12-02 06:00:00');
    expect(app(CountForTeams::class)())->toBe(1);
    app(CountForTeams::class)();
    expect(Delivery::query()->where('kind', 'daily-count')->count())->toBe(1)->and(work())->toBe([OutcomeKind::Accepted]);
    [$mail] = arrived($team);
    expect($mail['subject'])->toContain('1 Dec 2026: 2')->and($mail['raw'])->not->toContain('imke')->not->toContain('Oda')->and($mail['text'])
        ->toContain('/enquiries?point=footer-newsletter');
    Carbon::setTestNow('2026-12-03 06:00:00');
    expect(app(CountForTeams::class)())->toBe(0);
});

test('what a recipient got before a day could be counted is read as it was', function (): void {
    $read = static fn (array $data): RecipientGets => Recipient::from(Document::from(['id' => 'team', 'address' => 'x@post.example', ...$data]))->gets;
    expect($read(['whole' => true]))->toBe(RecipientGets::Whole)->and($read(['whole' => false]))->toBe(RecipientGets::Notice)->and($read([]))
        ->toBe(RecipientGets::Notice)->and($read(['whole' => true, 'gets' => 'daily']))->toBe(RecipientGets::Daily);
});

test('whoever withdrew by letter hears that it is entered, once, and is asked for nothing', function (): void {
    $this->signUp($to = someone());
    work();
    $this->post('/confirm', ['token' => $this->confirmToken()]);
    work();
    Carbon::setTestNow(now()->addDays(2));
    $tell = fn () => $this->actingAs($this->runa)->post('/withdrawals', [
        'email' => $to, 'purpose' => '', 'how' => 'letter', 'day' => now()->format('Y-m-d'),
    ])->assertRedirect();
    $tell();
    $tell();
    expect(work())->toBe([OutcomeKind::Accepted]);
    $mail = arrived($to)[0];
    expect($mail['subject'])->toStartWith('Your withdrawal')->and($mail['text'])->not->toContain('/confirm/')->not->toContain('/forms/')
        ->and(implode("\n", $mail['headers']))->toContain('Reply-To: privacy@tidewick.example');
    // By the link of a mail they see a page, and get none; of whoever was never permitted nobody hears.
    $this->signUp(someone());
    work();
    $this->post('/withdraw', ['token' => $this->withdrawToken()])->assertOk();
    $this->actingAs($this->runa)->post('/withdrawals', ['email' => someone(), 'purpose' => '', 'how' => 'letter', 'day' => now()->format('Y-m-d')]);
    expect(work())->toBe([]);
});
