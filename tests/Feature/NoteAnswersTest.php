<?php

declare(strict_types=1);

use App\Models\Act;
use App\Models\ActKind;
use App\Models\AnswerKind;
use App\Models\NoteAnswer;
use App\Models\Record;
use App\Models\User;
use Juramen\Register\RecordKind;

/** Writes the English words of the voyage news anew. */
function wordsOf(User $by, string $text): void
{
    $record = Record::named(RecordKind::Statement, 'voyage-news');
    test()->actingAs($by)->post('/records/statement/voyage-news/change', [
        'base' => $record->newestRevision()->number, 'do' => 'set', 'place' => 'texts/en', 'value' => $text,
    ])->assertOk();
}

/** What somebody says to a note about them. */
function say(User $by, string $note, string $says): Illuminate\Testing\TestResponse
{
    return test()->actingAs($by)->post('/records/statement/voyage-news/say', ['note' => $note, 'where' => 'texts/en', 'says' => $says]);
}

const STRANGE = 'Yes, Gullwing Travel Ltd may email me new sailings and fares {rate}. {withdrawal}';
const WHO = 'controller-named texts';

beforeEach(function (): void {
    $this->editor = User::query()->where('role', 'editor')->firstOrFail();
    wordsOf($this->editor, STRANGE);
});

test('a question that was answered is asked no more until its sentence changes, and the answer can be taken back', function (): void {
    $page = fn () => $this->actingAs($this->editor)->get('/records/statement/voyage-news')->assertOk();
    $page()->assertSee('is named, and is neither the controller nor in the registers')->assertSee('It is in order');
    say($this->editor, WHO, 'in-order')->assertOk()->assertSee("In order, said {$this->editor->name}")->assertSee('Ask again');
    expect(NoteAnswer::query()->sole()->sentence)->toBe('Yes, Gullwing Travel Ltd may email me new sailings and fares {rate}.')
        ->and(Act::query()->latest('id')->first()->kind)->toBe(ActKind::AnsweredNote);
    // Another sentence beside it changes nothing; the sentence itself does.
    wordsOf($this->editor, STRANGE.' It is that simple.');
    $page()->assertSee('In order, said');
    wordsOf($this->editor, str_replace('new sailings', 'new crossings', STRANGE));
    $page()->assertDontSee('In order, said')->assertSee('It is in order');
    wordsOf($this->editor, STRANGE);
    $page()->assertSee('In order, said');
    say($this->editor, WHO, 'in-order')->assertOk()->assertDontSee('In order, said');
    expect(NoteAnswer::query()->count())->toBe(0);
});

test('only questions are answered; a breach stays one, whoever says that it was read wrongly, and its sentence is kept', function (): void {
    wordsOf($this->editor, 'Untick this box if you do not want our sailings by email. {withdrawal}');
    say($this->editor, 'asks-yes-not-no texts', 'in-order')->assertOk()->assertSee('is taken for a no')->assertDontSee('In order, said');
    expect(NoteAnswer::query()->count())->toBe(0);
    say($this->editor, 'asks-yes-not-no texts', 'read-wrongly')->assertOk()->assertSee('Read wrongly, said')->assertSee('Breach');
    expect(NoteAnswer::query()->sole()->kind)->toBe(AnswerKind::ReadWrongly);
    $this->get('/requirements/asks-yes-not-no')->assertOk()->assertSee('Untick this box if you do not want our sailings by email.');
    $this->get('/requirements/rate-said')->assertOk()->assertDontSee('Untick this box');
    $text = $this->get('/requirements/read-wrongly.txt')->assertOk()->getContent();
    expect($text)->toContain('# asks-yes-not-no, breach, en')->toContain('- Untick this box if you do not want our sailings by email.');
});

test('nobody says anything to what is not there, or may not be written by them', function (): void {
    foreach ([[WHO, 'gone'], ['no-such texts', 'in-order'], [WHO, '']] as [$note, $says]) {
        say($this->editor, $note, $says)->assertOk();
    }
    expect(NoteAnswer::query()->count())->toBe(0);
    foreach (['auditor', 'administrator'] as $role) {
        say(User::query()->where('role', $role)->firstOrFail(), WHO, 'in-order')->assertForbidden();
    }
    $this->actingAs(User::query()->where('role', 'administrator')->firstOrFail())->get('/requirements/read-wrongly.txt')->assertForbidden();
    expect(NoteAnswer::query()->count())->toBe(0);
});
