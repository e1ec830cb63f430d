<?php

declare(strict_types=1);

use Juramen\Canon\Document;
use Juramen\Canon\DraftRefusal;
use Juramen\Canon\Refused;
use Juramen\Canon\Slug;
use Juramen\Points\Records;
use Juramen\Register\Language;
use Juramen\Register\RecordKind;
use Juramen\Wording\MailKind;
use Juramen\Wording\MailPart;
use Juramen\Wording\MailWording;
use Juramen\Wording\PlainName;

/* How a house words its mails: what it may say where, and what it can neither say nor take out. */

function wordedMail(array $parts, string $kind = 'confirmation'): Document
{
    return Document::from(['id' => "tidewick-ferries-$kind", 'controller' => 'tidewick-ferries', 'kind' => $kind, 'parts' => $parts]);
}

function refusalOf(Document $document): ?DraftRefusal
{
    try {
        Records::check(RecordKind::Mail, $document);

        return null;
    } catch (Refused $e) {
        return array_values(array_filter(DraftRefusal::cases(), $e->isFor(...)))[0];
    }
}

test('a part takes its own placeholders, no others, and no link of its own', function (string $part, string $text, ?DraftRefusal $refused): void {
    expect(refusalOf(wordedMail([$part => ['en' => $text]])))->toBe($refused);
})->with([
    ['subject', 'Nearly aboard: {title}', null],
    ['subject', 'For {name}', DraftRefusal::NoSuchPlaceholder],
    ['subject', 'Of {titel}', DraftRefusal::NoSuchPlaceholder],
    ['subject', 'A brace { left alone', DraftRefusal::NoSuchPlaceholder],
    ['subject', 'Two { title }', DraftRefusal::NoSuchPlaceholder],
    ['subject', str_repeat('a', 121), DraftRefusal::TooLong],
    ['subject', "Two\nlines", DraftRefusal::NotOneLine],
    ['greeting', 'Ahoy {name},', null],
    ['button', 'Yes, aboard', null],
    ['button', 'Yes, to {title}', DraftRefusal::NoPlaceholderHere],
    ['because', 'Within {days} days, says {controller}. Look around at tidewick.example/offers', DraftRefusal::NoLinkHere],
    ['because', 'See https://tidewick.example', DraftRefusal::NoLinkHere],
    ['because', 'See WWW.tidewick', DraftRefusal::NoLinkHere],
    ['because', 'Prices from 3.50, e.g. at night. That was all.', null],
]);

test('there is no place for what the law or the link needs, so that nobody can write there or take it out', function (string $place): void {
    expect(refusalOf(wordedMail([$place => ['en' => 'x']])))->toBe(DraftRefusal::UnknownPlace);
})->with(['statements', 'link', 'notice', 'legal', 'stop', 'postal-address']);

test('what a kind has no part for says nothing in it, and what it says of nobody else\'s language', function (): void {
    $mail = MailWording::from(wordedMail(['subject' => ['de' => 'Fast an Bord'], 'withdraw' => ['de' => 'Weg damit']]));
    expect($mail->words(MailPart::Subject, Language::German))->toBe('Fast an Bord')->and($mail->words(MailPart::Subject, Language::English))->toBe('')
        ->and($mail->words(MailPart::Withdraw, Language::German))->toBe('')->and($mail->languages())->toBe([Language::German])
        ->and(MailWording::from($mail->document()))->toEqual($mail);
});

test('every kind has a subject, says when it goes out, and names what stands in it besides', function (): void {
    foreach (MailKind::cases() as $kind) {
        expect($kind->parts()[0])->toBe(MailPart::Subject)->and($kind->when())->not->toBe('')->and($kind->locked())->not->toBe([])
            ->and(MailWording::idOf(Slug::parse('tidewick-ferries'), $kind)->text)->toBe("tidewick-ferries-$kind->value")
            ->and(strlen(MailWording::idOf(Slug::parse(str_repeat('a', 58)), $kind)->text))->toBeLessThanOrEqual(Slug::LONGEST);
    }
});

test('a typed name greets where it is one; a link, a number or a message greets nobody', function (string $typed, ?string $greets): void {
    expect(PlainName::of($typed))->toBe($greets);
})->with([
    ['Hanne', 'Hanne'], ['  Jean-Luc   d’Arc ', 'Jean-Luc d’Arc'], ['O\'Neill', 'O\'Neill'], ['Dr. Ännchen von Elm', 'Dr. Ännchen von Elm'], ['李 小龍', '李 小龍'],
    ['Martin L. King', 'Martin L. King'], ['', null], ['www', null], ['www.prize.example', null], ['prize.example', null], ['Click here: prize', null],
    ['https', null], ['Win 500', null], ['Hanne <b>', null], ["Hanne\nYou have won", 'Hanne You have won'], ['You have won a prize today', null],
    [str_repeat('a', 41), null], ['Hanne@post', null], ['Hanne!', null],
]);
