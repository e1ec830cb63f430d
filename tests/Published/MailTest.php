<?php

declare(strict_types=1);

use App\Actions\Delivery\OutcomeKind;
use Illuminate\Support\Facades\DB;
use Tests\Support\Visitor;
use ZBateson\MailMimeParser\Message as Parsed;

uses(Visitor::class);

// Every mail is parsed by zbateson/mail-mime-parser, which shares no code with what writes it (symfony/mime).
test('both mails read as they should in both languages', function (string $language, string $yes): void {
    $to = someone();
    $this->signUp($to, ['first-name' => 'Jürgen "J" <b>'], $language);
    expect(work())->toBe([OutcomeKind::Accepted]);
    $this->post('/confirm', ['token' => $this->confirmToken()]);
    expect(work())->toBe([OutcomeKind::Accepted]);
    [$welcome, $confirmation] = array_map(fn (array $mail) => Parsed::from(mb_convert_encoding($mail['raw'], 'ISO-8859-1', 'UTF-8'), false), arrived($to));
    $statement = $this->edition->sheet->statements[0]->texts->toArray()[$language];
    foreach ([$confirmation, $welcome] as $mail) {
        expect($mail->getHeaderValue('To'))->toBe($to)->and($mail->getHeaderValue('From'))->toBe('voyages@tidewick.example')
            ->and($mail->getHeader('From')->getPersonName())->toBe('Tidewick Ferries')->and($mail->getHeaderValue('Message-ID'))
            ->toMatch('/^[0-9a-f]{32}@tidewick\.example$/')
            ->and($mail->getHeaderValue('Date'))->not->toBeNull()->and($mail->getHeaderValue('Auto-Submitted'))->toBe('auto-generated')
            ->and(preg_replace('/\s+/', ' ', $mail->getTextContent()))->toContain($statement)->toContain('Lantern Quay 3')
            ->and(html_entity_decode($mail->getHtmlContent()))->toContain($statement)->and($mail->getHtmlContent())->not->toContain('<img')->not
            ->toContain('<script');
        foreach (explode("\r\n", $mail->getTextStream() === null ? '' : (string) $mail) as $line) {
            expect(strlen($line))->toBeLessThanOrEqual(998);
        }
    }
    // The confirmation mail: one link that acts, behind its button and once more to be copied; no advertising, nothing to unsubscribe from, and
    // no name that a stranger may have typed.
    expect($confirmation->getHeaderValue('List-Unsubscribe'))->toBeNull()->and($confirmation->getHtmlContent())->toContain($yes)->not->toContain('Jürgen')
        ->and(preg_match_all('#/confirm/[^"<\s]+#', $confirmation->getHtmlContent(), $links))->toBe(2)->and(array_unique($links[0]))->toHaveCount(1)
        ->and($confirmation->getTextContent())->not->toContain('/withdraw/');
    // A name greets where it is one; this one, with markup in it, greets nobody.
    expect($welcome->getTextContent())->not->toContain('Jürgen')->and($welcome->getHtmlContent())->not->toContain('b&gt;');
    // RFC 2369 section 3.2 and RFC 8058 section 3.1: both headers, an https or http address in angle brackets.
    expect($welcome->getHeaderValue('List-Unsubscribe-Post'))->toBe('List-Unsubscribe=One-Click')
        ->and($welcome->getHeader('List-Unsubscribe')->getRawValue())->toMatch('#^<https?://[^<>\s,]+/withdraw/[^<>\s,]+>$#');
    preg_match('#/withdraw/[^>\s]+#', $welcome->getHeader('List-Unsubscribe')->getRawValue(), $link);
    $this->post($link[0], ['List-Unsubscribe' => 'One-Click'])->assertOk();
    expect(DB::table('permissions')->value('reason'))->toBe('withdrawn');
})->with([['en', 'Yes, sign me up'], ['de', 'Ja, melden Sie mich an']]);

// RFC 8058 section 3.1: the POST carries exactly this body; section 3.2: without cookies or other context.
test('one-click withdrawal takes the body of RFC 8058 and nothing else', function (): void {
    $this->signUp('imke@post.example');
    $token = $this->withdrawToken();
    foreach ([[], ['List-Unsubscribe' => 'yes'], ['list-unsubscribe' => 'One-Click']] as $body) {
        $this->post("/withdraw/$token", $body)->assertRedirect('/withdraw?opened=1');
    }
    expect($this->acts())->toBe(['given']);
    $response = $this->post("/withdraw/$token", ['List-Unsubscribe' => 'One-Click'])->assertOk();
    expect($response->headers->getCookies())->toBe([])->and($this->acts())->toBe(['given', 'withdrawn', 'erased']);
    $this->post("/withdraw/$token", ['List-Unsubscribe' => 'One-Click'])->assertOk();
    $this->post('/withdraw/'.$this->confirmToken(), ['List-Unsubscribe' => 'One-Click'])->assertNotFound();
    expect($this->acts())->toBe(['given', 'withdrawn', 'erased']);
});
