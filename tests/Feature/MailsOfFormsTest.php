<?php

declare(strict_types=1);

use Juramen\Audit\Html\HtmlReader;
use Juramen\Audit\Mail\MailReader;
use Juramen\Audit\Mail\SentMail;
use Juramen\Audit\Mail\UnreadableMail;
use Juramen\Audit\Requirements;
use Juramen\Audit\Result;
use Juramen\Audit\Verdict;
use Juramen\Canon\Document;

/* The mail that a form of others sends, read beside it. */

const AGREED = ['en' => 'Seahaven may email me offers on rooms once a month.', 'de' => 'Seahaven darf mir monatlich Angebote zu Zimmern mailen.',
    'fr' => 'Seahaven peut m’envoyer chaque mois ses offres de chambres.', 'sv' => 'Seahaven får mejla mig erbjudanden om rum varje månad.',
    'da' => 'Seahaven må maile mig tilbud på værelser hver måned.'];

function mailOf(string $html, string $from = 'Seahaven <rooms@seahaven.example>', string $more = '', string $subject = 'Please confirm'): SentMail
{
    return MailReader::read(
        "From: $from\r\nTo: Imke Sand <imke@post.example>\r\nSubject: $subject\r\n{$more}MIME-Version: 1.0\r\nContent-Type: text/html; charset=utf-8\r\n\r\n$html"
    );
}

/** @return array<string, list<string>> what is found by requirement: verdicts */
function mailFound(SentMail $mail, string $language = 'en', string $address = 'https://seahaven.example/'): array
{
    $form = "<!doctype html><html lang=\"$language\"><body><form><h2>Newsletter</h2><label>Email <input type=\"email\"></label>"
        .'<label><input type="checkbox"> '.AGREED[$language].'</label><button>OK</button></form></body></html>';
    $found = [];
    foreach (Requirements::judge(HtmlReader::read($form, $address)[0]->withMail($mail)) as $result) {
        if (in_array($result->requirement->id(), ['confirmed-address', 'confirmation-clean', 'sender-shown'], true)) {
            $found[$result->requirement->id()][] = $result->verdict->value;
        }
    }

    return $found;
}

test('a mail that only asks for the confirmation is clean, in each language', function (string $language, string $asks, string $ignored): void {
    $mail = mailOf('<p>'.AGREED[$language]."</p><p><a href=\"https://seahaven.example/c/8f2a61b09c7744d1aa\">$asks</a></p><p>$ignored</p><a href=\"/legal/privacy\">Legal</a>");
    expect(mailFound($mail, $language))->toBe(['confirmed-address' => ['met'], 'confirmation-clean' => ['met'], 'sender-shown' => ['met']]);
})->with([
    ['en', 'Confirm my address', 'If it was not you, you need do nothing.'], ['de', 'Adresse bestätigen', 'Wenn Sie das nicht waren, müssen Sie nichts tun.'],
    ['fr', 'Je confirme', 'Si ce n’est pas vous, vous n’avez rien à faire.'], ['sv', 'Bekräfta', 'Om det inte var du behöver du inte göra något.'],
    ['da', 'Bekræft', 'Hvis det ikke var dig, behøver du ikke gøre noget.'],
]);

test('what does not belong into it is found', function (string $html, string $more, string $from, array $expected): void {
    expect(mailFound(mailOf($html, $from, $more)))->toBe($expected);
})->with(function (): array {
    $good = '<p>'.AGREED['en'].'</p><a href="https://seahaven.example/c/1">Confirm</a><p>If it was not you, you need do nothing.</p>';
    $name = 'Seahaven <rooms@seahaven.example>';
    $clean = ['confirmed-address' => ['met'], 'confirmation-clean' => ['met'], 'sender-shown' => ['met']];
    $weak = [...$clean, 'confirmation-clean' => ['weakness']];

    return [
        'as it should be' => [$good, '', $name, $clean],
        'a second thing to press' => [$good.'<a href="https://seahaven.example/shop">See our rooms</a>', '', $name, $weak],
        'the same link twice is one thing' => [$good.'<a href="https://seahaven.example/c/1?again">https://seahaven.example/c/1</a>', '', $name, $clean],
        'its sign, its site, help and the same in a browser' => [
            '<a href="https://seahaven.example/"><img src=l alt="Seahaven"></a>'.$good.'<a href="https://seahaven.example/help">Help</a>'
                .'<a href="https://seahaven.example/m/8f2a61b09c7744d1bb">View in your browser</a><a href="tel:+4412345">Call us</a>', '', $name, $clean,
        ],
        'what is read beside the subject' => ['<div style="display:none">20 % off all rooms</div>'.$good, '', $name, $weak],
        'a way out of nothing' => [$good.'<a href="https://seahaven.example/unsubscribe">Unsubscribe</a>', '', $name, $weak],
        'a way out in its headers' => [$good, "List-Unsubscribe: <https://seahaven.example/u>\r\n", $name, $weak],
        'it sells' => [$good.'<p>And 20 % off your first night!</p>', '', $name, $weak],
        'it repeats nothing' => ['<a href="https://seahaven.example/c/1">Confirm</a><p>If it was not you, do nothing.</p>', '', $name, $weak],
        'nobody is told what doing nothing means' => ['<p>'.AGREED['en'].'</p><a href="https://seahaven.example/c/1">Confirm</a>', '', $name, $weak],
        'nobody reads answers' => [$good, '', 'Seahaven <noreply@seahaven.example>', [...$clean, 'sender-shown' => ['weakness']]],
        'but those that go elsewhere' => [$good, "Reply-To: rooms@seahaven.example\r\n", 'Seahaven <noreply@seahaven.example>', $clean],
        'nobody is named' => [$good, '', 'rooms@seahaven.example', [...$clean, 'sender-shown' => ['weakness']]],
    ];
});

test('a mail that only announces confirms nothing: a breach in Germany, a weakness elsewhere; Canada wants a way out', function (): void {
    $welcome = mailOf('<p>Welcome! You are on our list now.</p>', subject: 'Welcome');
    expect(mailFound($welcome)['confirmed-address'])->toBe(['weakness'])
        ->and(mailFound($welcome, 'de', 'https://www.seahaven.de/')['confirmed-address'])->toBe(['breach'])
        ->and(mailFound($welcome)['confirmation-clean'])->toBe(['not-applicable']);
    $unsaid = mailOf('<p>Welcome!</p><a href="https://seahaven.example/c/8f2a61b09c7744d1aa">Off we go</a>', subject: 'Welcome');
    expect(mailFound($unsaid, 'de', 'https://www.seahaven.de/')['confirmed-address'])->toBe(['open']);
    $good = '<p>'.AGREED['en'].'</p><a href="https://seahaven.example/c/1">Confirm</a><p>If it was not you, do nothing.</p><a href="/unsubscribe">Unsubscribe</a>';
    expect(mailFound(mailOf($good), 'en', 'https://seahaven.example.ca/')['confirmation-clean'])->toBe(['met']);
    $alone = Requirements::judge(HtmlReader::read('<form><h2>Newsletter</h2><input type="email"></form>')[0]);
    $said = array_filter($alone, static fn (Result $r): bool => $r->requirement->id() === 'sender-shown');
    expect(array_values($said)[0]->verdict)->toBe(Verdict::NotApplicable);
});

test('nothing of whoever it was sent to is kept, and what is no mail is said', function (): void {
    $mail = mailOf('<p>Dear Imke Sand, imke@post.example was entered.</p><a href="https://seahaven.example/c/8f2a61b09c7744d1aa?u=imke%40post.example.8f2a61b0">Confirm</a>');
    expect($mail->json())->not->toContain('mke')->not->toContain('8f2a61b0')->and(SentMail::from(Document::parse($mail->json())))->toEqual($mail);
    foreach (['', 'Hello', "\x00\xff", str_repeat('a', 2_100_000), "From: a@b.example\r\n\r\n"] as $bytes) {
        expect(fn () => MailReader::read($bytes))->toThrow(UnreadableMail::class);
    }
});

test('nothing of whoever it was sent to is kept, wherever it stands', function (string $html, array $said): void {
    $mail = MailReader::read(
        "From: Seahaven <rooms@seahaven.example>\r\nTo: \"Sand, Imke\" <imke.sand@post.example>\r\nDelivered-To: <imke@inner.example>\r\n"
        ."Subject: Imke, please confirm\r\nContent-Type: text/html; charset=utf-8\r\n\r\n$html"
    );
    expect($mail->json())->not->toMatch('~imke|imke(?:\.|%2e)sand|(?:@|%40)(?:post|inner)\.example~i')->and($mail->text)->toContain(...$said);
})->with([
    'in the greeting' => ['<p>Hello Imke,</p><p>sand beaches and more.</p>', ['Hello …,', 'sand beaches']],
    'by the family name' => ['<p>Dear Mrs Sand:</p><p>please confirm.</p>', ['Dear Mrs …:']],
    'in the text' => ['<p>You gave us the address imke.sand@post.example.</p>', ['address …']],
    'where it was delivered' => ['<p>Sent to IMKE@inner.example</p>', ['Sent to …']],
    'in a link' => ['<p>Confirm:</p><a href="https://seahaven.example/c?to=imke.sand@post.example">imke.sand@post.example</a>', ['Confirm']],
    'in a link, encoded' => ['<p>Confirm:</p><a href="https://seahaven.example/c?to=imke.sand%40post.example">Yes</a>', ['Yes']],
]);

test('a name that is a word is left out where somebody is greeted, and nowhere else', function (): void {
    $mail = MailReader::read(
        "From: Seahaven <rooms@seahaven.example>\r\nTo: May <may@post.example>\r\nSubject: Confirm\r\nContent-Type: text/html; charset=utf-8\r\n\r\n"
        .'<p>Hello May,</p><p>Seahaven may email me offers. May we ask you to confirm this by Mayday?</p>'
    );
    expect($mail->text)->toBe("Hello …,\nSeahaven may email me offers. May we ask you to confirm this by Mayday?");
});

test('a mail is read in whatever shape it was saved', function (string $bytes): void {
    $head = "From: =?utf-8?q?M=C3=B6wenhaus?= <rooms@seahaven.example>\r\nTo: imke@post.example\r\nSubject: =?utf-8?q?Best=C3=A4tigen?=\r\n";
    $html = '<meta charset=utf-8><p>Zimmer in der Höhe – 20&nbsp;% für Sie.</p><a href="https://seahaven.example/c">Bestätigen</a>';
    $mail = MailReader::read(strtr($bytes, [
        '{head}' => $head, '{html}' => $html, '{quoted}' => quoted_printable_encode($html), '{base64}' => chunk_split(base64_encode($html)),
        '{western}' => mb_convert_encoding(str_replace('utf-8', 'windows-1252', $html), 'Windows-1252', 'UTF-8'),
    ]));
    expect([$mail->fromName, $mail->subject, $mail->text, count($mail->links)])
        ->toBe(['Möwenhaus', 'Bestätigen', "Zimmer in der Höhe – 20 % für Sie.\nBestätigen", 1]);
})->with([
    'as it is' => "{head}Content-Type: text/html; charset=utf-8\r\n\r\n{html}",
    'without saying how it is written' => "{head}Content-Type: text/html\r\n\r\n{html}",
    'quoted' => "{head}Content-Type: text/html; charset=utf-8\r\nContent-Transfer-Encoding: quoted-printable\r\n\r\n{quoted}",
    'base64' => "{head}Content-Type: text/html; charset=utf-8\r\nContent-Transfer-Encoding: base64\r\n\r\n{base64}",
    'as in the West' => "{head}Content-Type: text/html; charset=windows-1252\r\n\r\n{western}",
    'beside plain words' => "{head}Content-Type: multipart/alternative; boundary=b\r\n\r\n--b\r\nContent-Type: text/plain\r\n\r\nPlain\r\n--b\r\n"
        ."Content-Type: text/html; charset=utf-8\r\n\r\n{html}\r\n--b--\r\n",
    'enclosed in another' => "From: o@tidewick.example\r\nSubject: Fwd\r\nContent-Type: multipart/mixed; boundary=b\r\n\r\n--b\r\nContent-Type: text/plain\r\n\r\n"
        ."see below\r\n--b\r\nContent-Type: message/rfc822\r\n\r\n{head}Content-Type: text/html; charset=utf-8\r\n\r\n{html}\r\n--b--\r\n",
]);
