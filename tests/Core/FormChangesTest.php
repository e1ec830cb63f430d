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
use Juramen\Audit\Standing;
use Juramen\Audit\Verdict;
use Juramen\Canon\Document;
use Juramen\Canon\Instant;

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
    'sent to somebody else' => ['quay.example/n', 'elsewhere.example/n', ['sent-elsewhere']],
]);

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
        expect($stayed + $n(AuditChangeKind::New))->toBe(count($after))->and($stayed + $n(AuditChangeKind::Mended))->toBe(count($before))
            ->and($n(AuditChangeKind::Mended))->toBe(count(array_diff_key($before, $after)));
    }
});

test('what was typed, and what would let somebody in, is left out of a page; every place stays', function (): void {
    $page = '<form action="/a"><input name="email" value="imke@post.example"><textarea>Dear house</textarea><input type="hidden" name="_token" value="abc">'
        .'<input type=hidden name=list value=7><input type="checkbox" name="n" value="yes" checked><input type="submit" value="Send">'
        .'<meta name="csrf-token" content="zzz"><script>var key = "A1b2C3d4E5f6G7h8I9j0K1l2M3n4";</script></form>';
    $cleared = ClearedPage::of($page);
    expect($cleared)->not->toContain('imke')->not->toContain('Dear house')->not->toContain('abc')->not->toContain('zzz')->not->toContain('A1b2C3')
        ->toContain('value=7')->toContain('value="yes" checked')->toContain('value="Send"');
    $places = static fn (string $html): array => array_map(static fn ($s): string => $s->text(), HtmlReader::read($html)[0]->page->order ?? []);
    expect($places($cleared))->toBe($places($page));
});
