<?php

declare(strict_types=1);

use App\Actions\Delivery\OutcomeKind;
use App\Models\SignupJourney;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Id;
use Juramen\Canon\MacKey;
use Juramen\Canon\MacRing;
use Juramen\Consent\JourneyState;
use Juramen\Consent\ReturnPath;
use Tests\Support\Visitor;

uses(Visitor::class);

/* A mail that comes back ends the sign-up that it asked for, and nobody else's; a forged report does nothing. */

/** A report as mail servers write it (RFC 3464, the example of its appendix E.1, shortened). */
function deliveryReport(string $to, string $action = 'failed', string $status = '5.1.1', string $type = 'message/delivery-status'): string
{
    return implode("\r\n", [
        'Date: Thu, 7 Jul 2026 17:16:05 -0400', 'From: Mail Delivery Subsystem <MAILER-DAEMON@mx.post.example>', "To: <$to>",
        'MIME-Version: 1.0', 'Content-Type: multipart/report; report-type=delivery-status;', "\tboundary=\"RAA14128.773615765/mx\"",
        'Subject: Returned mail: Cannot send message for 5 days', '', '--RAA14128.773615765/mx', '', 'The original message was received.', '',
        '--RAA14128.773615765/mx', "content-type: $type", '', 'Reporting-MTA: dns; mx.post.example', '',
        'Original-Recipient: rfc822;louisl@post.example', 'Final-Recipient: rfc822;louisl@post.example', "Action: $action", "Status: $status",
        'Diagnostic-Code: smtp; 550 no such user', '', '--RAA14128.773615765/mx', 'content-type: message/rfc822', '',
        'Subject: Please confirm', '', 'The words of the mail.', '--RAA14128.773615765/mx--', '',
    ]);
}

beforeEach(function (): void {
    mailServer('accept');
    $this->signUp($this->to = someone());
    expect(work())->toBe([OutcomeKind::Accepted]);
    $this->journey = fn (): SignupJourney => SignupJourney::query()->sole();
    $this->path = ReturnPath::address(($this->journey)()->id, 'tidewick.example', app(MacRing::class));
    $this->hand = fn (string $raw, string $from = '127.0.0.1') => $this->call('POST', '/mail/returned', server: ['REMOTE_ADDR' => $from], content: $raw);
});

test('the mail left with a return path that names its sign-up and nobody, and a report to it ends that once', function (): void {
    $report = deliveryReport(strtoupper($this->path));
    $other = deliveryReport(ReturnPath::address(Id::random(), 'tidewick.example', app(MacRing::class)));
    ($this->hand)($other)->assertNoContent();
    expect(($this->journey)()->state)->toBe(JourneyState::Mailed);
    ($this->hand)($report)->assertNoContent();
    ($this->hand)($report)->assertNoContent();
    expect(($this->journey)()->state)->toBe(JourneyState::Undeliverable)->and(DB::table('disclosures')->count())->toBe(0)
        ->and($this->acts())->toBe(['given', 'confirmation-sent', 'undeliverable', 'erased']);
    $this->openLink('/confirm/'.$this->confirmToken())->assertStatus(410)->assertSee('mail did not reach it');
});

test('what was confirmed stays so, whatever comes back later', function (): void {
    $this->post('/confirm', ['token' => $this->confirmToken()]);
    ($this->hand)(deliveryReport($this->path))->assertNoContent();
    expect(($this->journey)()->state)->toBe(JourneyState::Confirmed)->and(DB::table('permissions')->value('allowed'))->toBe(1);
});

test('what is forged, delayed, something else, or from elsewhere does nothing', function (callable $raw, string $from, int $status): void {
    ($this->hand)($raw($this), $from)->assertStatus($status);
    expect(($this->journey)()->state)->toBe(JourneyState::Mailed)->and($this->acts())->toBe(['given', 'confirmation-sent']);
})->with([
    'of another key' => [function ($test) {
        $id = SignupJourney::query()->sole()->id;

        return deliveryReport(ReturnPath::address($id, 'tidewick.example', new MacRing(new MacKey('k1', random_bytes(32)))));
    }, '127.0.0.1', 204],
    'a letter changed' => [fn ($test) => deliveryReport(strtr($test->path, ['@' => 'a@'])), '127.0.0.1', 204],
    'to no return path' => [fn () => deliveryReport('news@tidewick.example'), '127.0.0.1', 204],
    'delayed' => [fn ($test) => deliveryReport($test->path, 'delayed', '4.4.7'), '127.0.0.1', 204],
    'delivered' => [fn ($test) => deliveryReport($test->path, 'delivered', '2.0.0'), '127.0.0.1', 204],
    'full for now' => [fn ($test) => deliveryReport($test->path, 'failed', '4.2.2'), '127.0.0.1', 204],
    'words of a report in a letter' => [fn ($test) => deliveryReport($test->path, type: 'text/plain'), '127.0.0.1', 204],
    'no mail at all' => [fn () => "\0\xff nothing", '127.0.0.1', 204],
    'nothing' => [fn () => '', '127.0.0.1', 204],
    'from another machine' => [fn ($test) => deliveryReport($test->path), '192.0.2.7', 404],
]);

test('return paths fit to the left of an address, and open by their own key only', function (): void {
    mt_srand(41);
    $ring = new MacRing(new MacKey('k1234567', random_bytes(32)), new MacKey('k1', random_bytes(32)));
    for ($run = 0; $run < 500; $run++) {
        $id = Id::random();
        $address = ReturnPath::address($id, 'post.example', $ring);
        $local = substr($address, 0, (int) strpos($address, '@'));
        $cased = implode('', array_map(static fn (string $c): string => mt_rand(0, 1) === 1 ? strtoupper($c) : $c, str_split($address)));
        $at = mt_rand(2, strlen($local) - 1);
        $changed = substr_replace($address, $address[$at] === 'b' ? 'c' : 'b', $at, 1);
        expect(strlen($local))->toBeLessThanOrEqual(64)->and(ReturnPath::open($cased, $ring))->toEqual($id)->and(ReturnPath::open($changed, $ring))->toBeNull()
            ->and(ReturnPath::open(substr($address, 0, $at), $ring))->toBeNull();
    }
});
