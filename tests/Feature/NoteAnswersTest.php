<?php

declare(strict_types=1);

use App\Models\Act;
use App\Models\ActKind;
use App\Models\AnswerKind;
use App\Models\NoteAnswer;
use App\Models\Record;
use App\Models\User;
use Illuminate\Testing\TestResponse;
use Juramen\Canon\Digest;
use Juramen\Register\RecordKind;

/** Writes the English words of the voyage news anew. */
function wordsOf(User $by, string $text): void
{
    $record = Record::named(RecordKind::Statement, 'voyage-news');
    test()->actingAs($by)->post('/records/statement/voyage-news/change', [
        'base' => $record->newestRevision()->number, 'do' => 'set', 'place' => 'texts/en', 'value' => $text,
    ])->assertOk();
}

/** What somebody says to a note about them, of the sentence that it speaks of now or of another. */
function say(User $by, string $note, string $says, bool $back = false, ?string $sentence = null): TestResponse
{
    return test()->actingAs($by)->post('/records/statement/voyage-news/say', [
        'note' => $note, 'where' => 'texts/en', 'sentence' => $sentence ?? Digest::of(FIRST)->hex(), 'says' => $says, 'back' => $back ? 1 : 0,
    ]);
}

const FIRST = 'Yes, Gullwing Travel Ltd may email me new sailings and fares {rate}.';
const STRANGE = FIRST.' {withdrawal}';
const UNTICK = 'Untick this box if you do not want our sailings by email.';
const WHO = 'controller-named texts';

beforeEach(function (): void {
    $this->editor = User::query()->where('role', 'editor')->firstOrFail();
    wordsOf($this->editor, STRANGE);
});

test('a question that was answered is asked no more until its sentence changes, and the answer can be taken back', function (): void {
    $page = fn () => $this->actingAs($this->editor)->get('/records/statement/voyage-news')->assertOk();
    $page()->assertSee('is named, and is neither the controller nor in the registers')->assertSee('It is in order');
    say($this->editor, WHO, 'in-order')->assertOk()->assertSee("In order, said {$this->editor->name}")->assertSee('Ask again');
    expect(NoteAnswer::query()->sole()->sentence)->toBe(FIRST)->and(Act::query()->latest('id')->first()->kind)->toBe(ActKind::AnsweredNote);
    // Another sentence beside it changes nothing; the sentence itself does.
    wordsOf($this->editor, STRANGE.' It is that simple.');
    $page()->assertSee('In order, said');
    wordsOf($this->editor, str_replace('new sailings', 'new crossings', STRANGE));
    $page()->assertDontSee('In order, said')->assertSee('It is in order');
    wordsOf($this->editor, STRANGE);
    $page()->assertSee('In order, said');
    say($this->editor, WHO, 'in-order', back: true)->assertOk()->assertDontSee('In order, said');
    expect(NoteAnswer::query()->count())->toBe(0);
});

test('said twice it is said once, by whom said it first, and taken back twice it is gone', function (): void {
    $officer = User::query()->where('role', 'officer')->firstOrFail();
    $acts = fn (): int => Act::query()->where('kind', ActKind::AnsweredNote->value)->count();
    say($this->editor, WHO, 'in-order')->assertOk();
    say($this->editor, WHO, 'in-order')->assertOk()->assertSee("In order, said {$this->editor->name}");
    say($officer, WHO, 'in-order')->assertOk()->assertSee("In order, said {$this->editor->name}");
    expect(NoteAnswer::query()->sole()->made_by)->toBe($this->editor->id)->and($acts())->toBe(1);
    // An officer may take back what an editor said, and both are on record.
    say($officer, WHO, 'in-order', back: true)->assertOk()->assertDontSee('In order, said');
    say($this->editor, WHO, 'in-order', back: true)->assertOk()->assertSee('It is in order');
    expect(NoteAnswer::query()->count())->toBe(0)->and($acts())->toBe(2)
        ->and(Act::query()->latest('id')->first()->user_id)->toBe($officer->id);
});

test('one answer says nothing of the other, and each is taken back by itself', function (): void {
    say($this->editor, WHO, 'in-order')->assertOk();
    say($this->editor, WHO, 'read-wrongly')->assertOk()->assertSee('In order, said')->assertSee('Read wrongly, said');
    say($this->editor, WHO, 'in-order', back: true)->assertOk()->assertDontSee('In order, said')->assertSee('Read wrongly, said');
    expect(NoteAnswer::query()->sole()->kind)->toBe(AnswerKind::ReadWrongly);
});

test('only questions are answered; a breach stays one, whoever says that it was read wrongly, and its sentence is kept', function (): void {
    wordsOf($this->editor, UNTICK.' {withdrawal}');
    $untick = Digest::of(UNTICK)->hex();
    say($this->editor, 'asks-yes-not-no texts', 'in-order', sentence: $untick)->assertStatus(422)->assertSee('data-refusal="not-asked"', false);
    expect(NoteAnswer::query()->count())->toBe(0);
    say($this->editor, 'asks-yes-not-no texts', 'read-wrongly', sentence: $untick)->assertOk()->assertSee('Read wrongly, said')->assertSee('Breach');
    expect(NoteAnswer::query()->sole()->kind)->toBe(AnswerKind::ReadWrongly);
    $this->get('/requirements/asks-yes-not-no')->assertOk()->assertSee(UNTICK);
    $this->get('/requirements/rate-said')->assertOk()->assertDontSee('Untick this box');
    $text = $this->get('/requirements/read-wrongly.txt')->assertOk()->getContent();
    expect($text)->toContain('# asks-yes-not-no, breach, en')->toContain('- '.UNTICK);
});

test('who looked at another sentence answers nothing, and is told so', function (): void {
    // Somebody else changed it in the meantime, and the note stands there still, about other words.
    wordsOf($this->editor, str_replace('Gullwing Travel', 'Harbour Media', STRANGE));
    say($this->editor, WHO, 'in-order')->assertStatus(422)
        ->assertSee('data-refusal="not-this-sentence"', false)->assertSee('Read the note that stands there now');
    expect(NoteAnswer::query()->count())->toBe(0);
    say($this->editor, WHO, 'in-order', sentence: Digest::of(str_replace('Gullwing Travel', 'Harbour Media', FIRST))->hex())->assertOk();
    // A sentence that somebody makes up is answered no more than one that is gone.
    say($this->editor, WHO, 'read-wrongly', sentence: Digest::of('What nobody wrote.')->hex())->assertStatus(422);
    expect(NoteAnswer::query()->count())->toBe(1);
});

test('nobody says anything to what is not there, or may not be written by them', function (): void {
    foreach ([[WHO, 'gone', 'no-answer'], ['no-such texts', 'in-order', 'not-this-sentence'], [WHO, '', 'no-answer']] as [$note, $says, $refusal]) {
        say($this->editor, $note, $says)->assertStatus(422)->assertSee("data-refusal=\"$refusal\"", false);
    }
    $this->actingAs($this->editor)->post('/records/statement/voyage-news/say', [])->assertStatus(422);
    $this->actingAs(User::query()->where('role', 'officer')->firstOrFail())->post('/records/purpose/voyage-news/say', ['note' => WHO, 'says' => 'in-order'])
        ->assertNotFound();
    expect(NoteAnswer::query()->count())->toBe(0);
    foreach (['auditor', 'administrator'] as $role) {
        say(User::query()->where('role', $role)->firstOrFail(), WHO, 'in-order')->assertForbidden();
    }
    $this->actingAs(User::query()->where('role', 'administrator')->firstOrFail())->get('/requirements/read-wrongly.txt')->assertForbidden();
    expect(NoteAnswer::query()->count())->toBe(0);
});

test('what was answered at a statement is asked no more on the sheets that ask with it, and is answered nowhere else', function (): void {
    $officer = User::query()->where('role', 'officer')->orderByDesc('id')->firstOrFail();
    // Sheets ask with what is approved, its placeholders filled: it is the sentence as it was written that was answered.
    $approved = function (string $text) use ($officer): void {
        wordsOf($this->editor, $text);
        $this->post('/records/statement/voyage-news/submit')->assertSessionHasNoErrors();
        $looked = Record::named(RecordKind::Statement, 'voyage-news')->newestRevision()->number;
        $this->actingAs($officer)->post('/records/statement/voyage-news/approve', ['looked' => $looked])->assertSessionHasNoErrors();
    };
    $sheet = fn () => $this->actingAs($this->editor)->get('/points/footer-newsletter')->assertOk();
    $approved('Yes, {controller} emails me fares from our partners {rate}. {withdrawal}');
    $sheet()->assertSee('Others have a part in it')->assertDontSee('In order, said')->assertDontSee('It is in order');
    $sentence = Digest::of('Yes, {controller} emails me fares from our partners {rate}.')->hex();
    say($this->editor, 'recipients-named texts', 'in-order', sentence: $sentence)->assertOk();
    $sheet()->assertSee("In order, said {$this->editor->name}")->assertDontSee('Ask again');
    $approved('Yes, {controller} emails me sailings from our partners {rate}. {withdrawal}');
    $sheet()->assertDontSee('In order, said')->assertSee('Others have a part in it');
});
