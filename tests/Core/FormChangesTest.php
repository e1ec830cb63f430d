<?php

declare(strict_types=1);

use Juramen\Audit\Audit;
use Juramen\Audit\AuditChangeKind;
use Juramen\Audit\AuditComparison;
use Juramen\Audit\AuditedFinding;
use Juramen\Audit\AuditedForm;
use Juramen\Audit\AuditedKind;
use Juramen\Audit\FormChange;
use Juramen\Audit\FormChanges;
use Juramen\Audit\Html\ClearedPage;
use Juramen\Audit\Html\HtmlReader;
use Juramen\Audit\Reading;
use Juramen\Audit\SameForm;
use Juramen\Audit\Standing;
use Juramen\Audit\Verdict;
use Juramen\Canon\Document;
use Juramen\Canon\Instant;
use Tests\Core\FoundFormCase;
use Tests\Core\FoundForms;

/* Two readings of a form beside each other, two audits beside each other, and what is left out of a page before it is kept. */

const DECIDED = '<form action="https://quay.example/n" method="post"><label>Email <input type="email" required></label>
<label><input type="checkbox"> Email me about ropes once a month</label><a href="/privacy">Privacy notice</a><button>Send</button></form>';

/** @return list<string> kinds of changes from the form that was decided on */
function changesOf(string $html): array
{
    $changes = FormChanges::between(HtmlReader::read(DECIDED)[0], HtmlReader::read($html)[0]);

    return array_map(static fn (FormChange $c): string => $c->kind->value, $changes);
}

test('what changed on a form is named, and nothing else', function (string $from, string $to, array $expected): void {
    expect(changesOf(str_replace($from, $to, DECIDED)))->toBe($expected);
})->with([
    'nothing' => ['', '', []],
    'white space and capitals' => ['Email me  about', 'EMAIL ME about', []],
    'it is ticked now' => ['<input type="checkbox">', '<input type="checkbox" checked>', ['answer-other']],
    'other words' => ['about ropes once', 'about ropes and sails once', ['words-other']],
    'a box that nobody decided on' => ['<button>', '<label><input type="checkbox"> Partners may write to me</label><button>', ['control-added']],
    'the box is gone' => ['<label><input type="checkbox"> Email me about ropes once a month</label>', '', ['control-gone']],
    'something else in its place' => ['Email me about ropes once a month', 'I accept the terms', ['control-added', 'control-gone']],
    'a field more' => ['<button>', '<label>Phone <input type="tel"></label><button>', ['field-added']],
    'it need not be filled in' => [' required', '', ['need-other']],
    'the link leads nowhere' => ['href="/privacy"', 'href="#"', ['link-other']],
    'a link that counts visits' => ['href="/privacy"', 'href="/privacy?from=mail"', []],
    'the link leads somewhere else' => ['href="/privacy"', 'href="/imprint"', ['link-other']],
    'a link of the same words more' => ['<button>', '<a href="/privacy/">Privacy notice</a><button>', []],
    'a link of other words' => ['<button>', '<a href="/terms">Terms</a><button>', []],
    'sent to somebody else' => ['quay.example/n', 'elsewhere.example/n', ['sent-elsewhere']],
    'sent to another page of the same host' => ['quay.example/n', 'quay.example/other', []],
    'a sentence that takes sending for a yes' => ['<button>', '<p>By sending this you agree to get our offers.</p><button>', ['sentence-added']],
    'a sentence about something else' => ['<button>', '<p>We make ropes of hemp.</p><button>', []],
    'the sentence in other words' => ['<a href', '<p>You can end it at any time.</p><a href', ['sentence-added']],
    'the notice is linked no more' => ['<a href="/privacy">Privacy notice</a>', '', ['link-gone']],
    'the notice under another name' => ['Privacy notice', 'How we use your data', []],
    'a yes that nobody sees' => ['<button>', '<input type="hidden" name="newsletter" value="yes"><button>', ['hidden-yes']],
    'a number that nobody sees' => ['<button>', '<input type="hidden" name="token" value="yes"><button>', []],
    'what is gravest comes first' => [
        ' required></label>', '></label><label>Phone <input type="tel"></label><label><input type="checkbox"> Partners may write to me</label>',
        ['control-added', 'need-other', 'field-added'],
    ],
    'ticked, in other words' => [
        '<input type="checkbox"> Email me about ropes', '<input type="checkbox" checked> Email me about sails', ['words-other', 'answer-other'],
    ],
]);

test('a sentence that is gone is told as one, and one in other words as that, beside no box that says the same', function (): void {
    $with = static fn (string $says): Reading => HtmlReader::read(str_replace('<button>', "<p>$says</p><button>", DECIDED))[0];
    $kinds = static fn (Reading $a, Reading $b): array => array_map(
        static fn (FormChange $c): array => [$c->kind->value, $c->before, $c->after], FormChanges::between($a, $b)
    );
    [$ends, $hard] = ['You can end it at any time.', 'You can end it at any time by registered letter.'];
    expect($kinds($with($ends), $with('We make ropes.')))->toBe([['sentence-gone', $ends, '']])
        ->and($kinds($with($ends), $with($hard)))->toBe([['words-other', $ends, $hard]])
        ->and($kinds($with('Email me about ropes once a month'), $with('Email me about ropes once a month.')))->toBe([]);
});

test('a change says what stood there, what stands there, and where', function (): void {
    $of = static function (string $from, string $to): array {
        $change = FormChanges::between(HtmlReader::read(DECIDED)[0], HtmlReader::read(str_replace($from, $to, DECIDED))[0])[0];

        return [$change->says, $change->before, $change->after, $change->where === null];
    };
    $words = 'Email me about ropes once a month';
    expect($of('<button>', '<label><input type="checkbox"> Partners may write</label><button>'))
        ->toBe(['A box or choice stands there that did not.', '', 'Partners may write', false])
        ->and($of("<label><input type=\"checkbox\"> $words</label>", ''))->toBe(['A box or choice is gone.', $words, '', true])
        ->and($of('about ropes', 'about sails'))->toBe(['The words beside it are others.', $words, 'Email me about sails once a month', false])
        ->and($of('type="checkbox"', 'type="checkbox" checked'))
        ->toBe(['It stands on “yes” beforehand, and stood on “nothing”.', $words, $words, false])
        ->and($of('<button>', '<label>Phone <input type="tel"></label><button>'))->toBe(['Something is asked that was not.', '', 'Phone', false])
        ->and($of(' required', ''))->toBe(['It need not be filled in any more.', 'Email', 'Email', false])
        ->and($of('href="/privacy"', 'href="/imprint"'))
        ->toBe(['A link leads elsewhere.', 'Privacy notice: /privacy', 'Privacy notice: /imprint', false])
        ->and($of('href="/privacy"', 'href="#"')[0])->toBe('A link leads nowhere any more.')
        ->and($of('quay.example/n', 'elsewhere.example/n'))->toBe(['It is sent to another host.', 'quay.example', 'elsewhere.example', false]);
});

test('a box in other words is told from another box by the words they share, the likest first', function (): void {
    $form = static fn (string ...$labels): string => '<form>'.implode('', array_map(
        static fn (string $l): string => "<label><input type=\"checkbox\"> $l</label>", $labels
    )).'<label>Email <input type="email"></label></form>';
    $between = static fn (string $a, string $b): array => array_map(
        static fn (FormChange $c): array => [$c->kind->value, $c->before, $c->after], FormChanges::between(HtmlReader::read($a)[0], HtmlReader::read($b)[0])
    );
    // Two of five words are shared, which is just enough; two of six are not.
    expect($between($form('Email me ropes sails'), $form('Email me planks')))->toBe([['words-other', 'Email me ropes sails', 'Email me planks']])
        ->and($between($form('Email me ropes sails'), $form('Email me planks tar')))
        ->toBe([['control-added', '', 'Email me planks tar'], ['control-gone', 'Email me ropes sails', '']])
        // The order of words counts: nothing is the same that says something else.
        ->and($between($form('we may call, not write'), $form('we may write, not call')))
        ->toBe([['words-other', 'we may call, not write', 'we may write, not call']])
        // Whichever stands first, each finds the one that it is likest to.
        ->and($between($form('news of ropes by email', 'news of sails by post'), $form('news of sails by letter post', 'news of ropes by email now')))->toBe([
            ['words-other', 'news of sails by post', 'news of sails by letter post'], ['words-other', 'news of ropes by email', 'news of ropes by email now'],
        ])
        // Words that come twice count once.
        ->and($between($form('Email email email news'), $form('Email us us us')))
        ->toBe([['control-added', '', 'Email us us us'], ['control-gone', 'Email email email news', '']])
        ->and($between($form(''), $form('')))->toBe([]);
});

test('fields are told apart by what they ask for; of those that ask for something of their own, by their words', function (): void {
    $form = static fn (string $fields): string => "<form>$fields<button>Send</button></form>";
    $between = static fn (string $a, string $b): array => array_map(
        static fn (FormChange $c): array => [$c->kind->value, $c->before, $c->after],
        FormChanges::between(HtmlReader::read($form($a))[0], HtmlReader::read($form($b))[0])
    );
    $email = '<label>Email <input type="email" name="e"></label>';
    expect($between($email, '<label>Your address, please <input type="email" name="e"></label>'))->toBe([])
        ->and($between("$email<label>Cabin <input name=\"c\"></label>", "$email<label>Deck <input name=\"d\"></label>"))
        ->toBe([['field-added', '', 'Deck'], ['field-gone', 'Cabin', '']])
        ->and($between("$email<label>Cabin <input name=\"c\"></label>", "$email<label>CABIN: <input name=\"d\" required></label>"))
        ->toBe([['need-other', 'Cabin', 'CABIN:']])
        // A second one of the same kind is one more, wherever it stands.
        ->and($between($email, $email.'<label>Email again <input type="email" name="f"></label>'))->toBe([['field-added', '', 'Email again']])
        ->and($between($email.'<label>Email again <input type="email" name="f"></label>', $email))->toBe([['field-gone', 'Email again', '']]);
});

test('of no form out there anything has changed where it has not; and what one side has more the other has less', function (): void {
    $forms = FoundForms::in(...FoundForms::ALL)->forms;
    mt_srand(29);
    shuffle($forms);
    $some = array_slice($forms, 0, fullSize(4000));
    $readings = array_map(static fn (FoundFormCase $f): Reading => HtmlReader::read($f->html, $f->address)[0], $some);
    expect(count($readings))->toBeGreaterThan(150);
    $kinds = static fn (Reading $a, Reading $b): array => array_count_values(
        array_map(static fn (FormChange $c): string => $c->kind->value, FormChanges::between($a, $b))
    );
    $turned = ['control-added' => 'control-gone', 'control-gone' => 'control-added', 'field-added' => 'field-gone', 'field-gone' => 'field-added'];
    // Two links in the same words that lead to two pages, too.
    $readings[] = HtmlReader::read(str_replace('<button>', '<a href="/de/privacy">Privacy notice</a><button>', DECIDED))[0];
    foreach ($readings as $i => $reading) {
        expect(FormChanges::between($reading, $reading))->toBe([], "form $i");
        $other = $readings[($i * 7 + 3) % count($readings)];
        [$there, $back] = [$kinds($reading, $other), $kinds($other, $reading)];
        foreach ($turned as $kind => $counterpart) {
            $more = str_starts_with($kind, 'control') ? $there['words-other'] ?? 0 : 0;
            $less = str_starts_with($kind, 'control') ? $back['words-other'] ?? 0 : 0;
            expect(($there[$kind] ?? 0) + $more)->toBe(($back[$counterpart] ?? 0) + $less, "form $i, $kind");
        }
    }
});

/** @param  array<string, string>  $findings  place to verdict, of one requirement */
function auditWith(array $findings): Audit
{
    $found = [];
    foreach ($findings as $where => $verdict) {
        $found[] = new AuditedFinding('purpose-said', Verdict::from($verdict), 'It says little.', $where, '', '');
    }
    $form = new AuditedForm(
        AuditedKind::Form, 'a1', 'A form', 'Tidewick', 'read', str_repeat('0', 64), [new Standing('purpose-said', Verdict::Met)], $found
    );

    return new Audit(Instant::parse('2026-11-28T09:00:00.000000Z'), 'all forms', 'Runa', Audit::catalogue(), [$form]);
}

test('an audit is read back from its bytes as it was written', function (): void {
    $audit = auditWith(['#a' => 'breach', '#b' => 'open']);
    $read = Audit::from(Document::parse($audit->bytes()));
    expect($read->bytes())->toBe($audit->bytes())->and($read->count(Verdict::Breach))->toBe(1);
});

test('whatever two audits found, each finding of either is told of once', function (): void {
    mt_srand(14);
    $verdicts = ['breach', 'weakness', 'open'];
    for ($round = 0; $round < 200; $round++) {
        $some = static fn (): array => array_combine($keys = array_map(static fn (int $n): string => "#p$n", array_rand(range(0, 9), mt_rand(2, 9))), array_map(
            static fn (): string => $verdicts[mt_rand(0, 2)], $keys
        ));
        [$before, $after] = [$some(), $some()];
        $comparison = AuditComparison::between(auditWith($before), auditWith($after));
        $n = static fn (AuditChangeKind $kind): int => $comparison->count($kind);
        $stayed = $n(AuditChangeKind::Still) + $n(AuditChangeKind::Worse);
        // One that is left on either side is the same, at an element that moved.
        [$gone, $came] = [count(array_diff_key($before, $after)), count(array_diff_key($after, $before))];
        expect($stayed + $n(AuditChangeKind::New))->toBe(count($after))->and($stayed + $n(AuditChangeKind::Mended))->toBe(count($before))
            ->and($n(AuditChangeKind::Mended))->toBe($gone - (int) ($gone === 1 && $came === 1));
    }
});

test('what was typed, and what would let somebody in, is left out of a page; every place stays', function (): void {
    $page = '<form action="/a"><input name="email" value="imke@post.example"><textarea>Dear house</textarea><input type="hidden" name="_token" value="abc">'
        .'<input type=hidden name=list value=7><input type="checkbox" name="n" value="yes" checked><input type="submit" value="Send">'
        .'<input name="optin" value="yes" style="left:-9999px"><input name="pregnant" value="yes"><input name="children" value="1">'
        .'<meta name="csrf-token" content="zzz"><script>var key = "A1b2C3d4E5f6G7h8I9j0K1l2M3n4";'
        .'box("newsletter-optin-checkbox-2026")</script></form>';
    $cleared = ClearedPage::of($page);
    expect($cleared)->not->toContain('imke')->not->toContain('Dear house')->not->toContain('abc')->not->toContain('zzz')->not->toContain('A1b2C3')
        ->toContain('value=7')->toContain('value="yes" checked')->toContain('name="optin" value="yes"')
        ->toContain('"newsletter-optin-checkbox-2026"')
        ->toContain('name="pregnant" value=""')->toContain('name="children" value=""')->toContain('value="Send"');
    $places = static fn (string $html): array => array_map(static fn ($s): string => $s->text(), HtmlReader::read($html)[0]->page->order ?? []);
    expect($places($cleared))->toBe($places($page));
});

test('a form is found again on its page, whatever came before it, and one that is gone is not taken for another', function (string $now, ?int $at): void {
    $page = static fn (string $body): array => HtmlReader::read("<!doctype html><html><body>$body</body></html>");
    $ours = '<form action="/n"><h2>Rope letter</h2><label>Email <input type=email></label><button>Subscribe</button></form>';
    $contact = '<form action="/c"><h2>Contact</h2><label>Email <input type=email></label><textarea name=m></textarea><button>Send</button></form>';
    $search = '<form role=search action="/q"><input name=q type=search><button>Search</button></form>';
    $now = strtr($now, ['OURS' => $ours, 'CONTACT' => $contact, 'SEARCH' => $search]);
    expect(SameForm::among($page($contact.$ours), 1, $page($now)))->toBe($at);
})->with([
    'as it was' => ['CONTACTOURS', 1], 'a search before it' => ['SEARCHCONTACTOURS', 2], 'alone now' => ['OURS', 0], 'turned round' => ['OURSCONTACT', 0],
    'in other words' => ['CONTACT<form action="/n"><h2>News of sails</h2><label>Your address <input type=email></label><button>Go</button></form>', 1],
    'another altogether in its place' => ['CONTACT<form action="/o"><h2>Your order</h2><label>Street <input name=s></label><button>Buy</button></form>', 1],
    'gone' => ['CONTACT', null], 'gone, and a search is new' => ['SEARCHCONTACTSEARCH', null], 'nothing left' => ['<p>Closed</p>', null],
]);
