<?php

declare(strict_types=1);

use App\Models\Point;
use App\Models\Subscriber;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Juramen\Canon\Document;
use Juramen\Canon\DraftRefusal;
use Symfony\Component\DomCrawler\Crawler;
use Tests\Support\Visitor;

/* Fields as an editor makes them, as they are asked of us without a page, and as visitors answer them. */

uses(Visitor::class);

beforeEach(function (): void {
    [$this->runa, , $this->malin] = User::query()->orderBy('id')->limit(3)->get()->all();
    $this->newest = fn (): Document => Point::query()->where('slug', 'footer-newsletter')->firstOrFail()->record->newestRevision()->document;
    $this->edit = function (string $place, mixed $value, string $do = 'set'): TestResponse {
        $base = (int) Point::query()->where('slug', 'footer-newsletter')->firstOrFail()->record->revisions()->max('number');

        return $this->actingAs($this->malin)
            ->post('/points/footer-newsletter/change', ['place' => $place, 'value' => $value, 'do' => $do, 'base' => $base]);
    };
    $this->fields = fn (): array => array_map(static fn (Document $f): string => $f->text('id'), ($this->newest)()->items('fields'));
    $this->answers = fn (string $field): array => array_map(
        static fn (Document $o): string => $o->text('id').' '.$o->text('label/en'), ($this->newest)()->items("fields/$field/options")
    );
});

test('a field is asked for once more behind itself, with all that was written of it', function (): void {
    ($this->edit)('fields', 'message', 'add')->assertOk();
    ($this->edit)('fields/message', null, 'up')->assertOk();
    ($this->edit)('fields/message/reason', 'to answer it')->assertOk();
    ($this->edit)('fields/message/help/en', 'As long as you like')->assertOk();
    ($this->edit)('fields/message', null, 'copy')->assertOk()->assertSee('As long as you like');
    expect(($this->fields)())->toBe(['first-name', 'message', 'message-2', 'email']);
    $copy = ($this->newest)()->items('fields')[2];
    expect($copy->text('reason'))->toBe('to answer it')->and($copy->text('help/en'))->toBe('As long as you like')->and($copy->text('kind'))->toBe('message');
    $this->get('/points/footer-newsletter/history')->assertOk()->assertSee('asked for message once more');
    $this->post('/points/footer-newsletter/undo')->assertOk();
    expect(($this->fields)())->toBe(['first-name', 'message', 'email']);
});

test('a field of another kind keeps its words, and its answers for when they are wanted again', function (): void {
    ($this->edit)('fields', 'choice', 'add')->assertOk();
    expect(($this->answers)('choice'))->toBe(['answer-1 ', 'answer-2 ']);
    // Who only passes a kind on the way to another leaves nothing blank behind.
    ($this->edit)('fields/choice/kind', 'message')->assertOk();
    expect(($this->answers)('choice'))->toBe([]);
    ($this->edit)('fields/choice/kind', 'choice')->assertOk();
    ($this->edit)('fields/choice/options/answer-1/label/en', 'Seals')->assertOk();
    ($this->edit)('fields/choice/options/answer-2/label/en', 'Walks')->assertOk();
    ($this->edit)('fields/choice/label/en', 'What do you like?')->assertOk();
    ($this->edit)('fields/choice/kind', 'choices')->assertOk()->assertSee('Walks');
    ($this->edit)('fields/choice/kind', 'message')->assertOk()->assertDontSee('value="Walks"', false);
    ($this->edit)('fields/choice/kind', 'choice')->assertOk()->assertSee('Walks');
    expect(($this->newest)()->text('fields/choice/label/en'))->toBe('What do you like?')
        ->and(($this->answers)('choice'))->toBe(['answer-1 Seals', 'answer-2 Walks']);
    ($this->edit)('fields/choice/options/answer-2', null, 'up')->assertOk();
    ($this->edit)('fields/choice/options', 'answer', 'add')->assertOk();
    ($this->edit)('fields/choice/options/answer-1', null, 'remove')->assertOk();
    // Whoever was still typing in it is told so, and not that it stands.
    ($this->edit)('fields/choice/options/answer-1/label/en', 'Seals and whales')->assertStatus(422)->assertRefused(DraftRefusal::ItemGone)
        ->assertDontSee('still stands');
    expect(($this->answers)('choice'))->toBe(['answer-2 Walks', 'answer-3 ']);
    // What is not written in each language that the form offers is to be written, and blocks publishing.
    $this->get('/points/footer-newsletter')->assertSee('An answer to the field choice');
});

test('what is dragged goes to its place in one change, and back', function (): void {
    ($this->edit)('fields', 'message', 'add')->assertOk();
    ($this->edit)('fields', 'phone', 'add')->assertOk();
    ($this->edit)('fields/phone', '1', 'to')->assertOk();
    expect(($this->fields)())->toBe(['phone', 'first-name', 'email', 'message']);
    ($this->edit)('fields/phone', '3', 'to')->assertOk();
    expect(($this->fields)())->toBe(['first-name', 'email', 'phone', 'message']);
    $this->get('/points/footer-newsletter/history')->assertSee('moved the field phone');
    $this->post('/points/footer-newsletter/undo')->assertOk();
    expect(($this->fields)())->toBe(['phone', 'first-name', 'email', 'message']);
});

test('what no page would send is refused, and nothing is saved', function (string $place, mixed $value, string $do, int $status): void {
    $before = ($this->newest)();
    ($this->edit)($place, $value, $do)->assertStatus($status);
    expect(($this->newest)()->equals($before))->toBeTrue();
})->with([
    'a second address' => ['fields', 'email', 'add', 422], 'the address once more' => ['fields/email', null, 'copy', 422],
    'the address of another kind' => ['fields/email/kind', 'message', 'set', 422], 'another kind of none' => ['fields/first-name/kind', 'colour', 'set', 422],
    'a name that becomes a second address' => ['fields/first-name/kind', 'email', 'set', 422], 'a copy of nothing' => ['fields/nothing', null, 'copy', 422],
    'a copy of a text' => ['fields/email/label', null, 'copy', 422], 'a copy of a statement' => ['statements/voyage-news', null, 'copy', 422],
    'an answer with an id of its own' => ['fields/first-name/options/x/id', '"><b>', 'set', 422],
    'to no place' => ['fields/email', '0', 'to', 422], 'to behind the last' => ['fields/email', '3', 'to', 422],
    'to somewhere' => ['fields/email', 'up', 'to', 422], 'nothing to a place' => ['fields/nothing', '1', 'to', 422],
    'a help of 301 characters' => ['fields/email/help/en', str_repeat('é', 301), 'set', 422],
    'a help in a language that is none' => ['fields/email/help/xx', 'Hm', 'set', 422],
    'a kind that is a list' => ['fields/first-name/kind', ['phone'], 'set', 422],
]);

/** Publishes the newsletter with fields of many kinds. */
function published(object $test): void
{
    foreach (['message', 'choices', 'birthday', 'postal', 'phone', 'last-name'] as $kind) {
        ($test->edit)('fields', $kind, 'add')->assertOk();
        ($test->edit)("fields/$kind/reason", 'to try it out')->assertOk();
    }
    foreach (['en' => ['Seals & <birds>', 'Walks'], 'de' => ['Robben', 'Wanderungen']] as $language => $answers) {
        foreach ($answers as $i => $answer) {
            ($test->edit)('fields/choices/options/answer-'.($i + 1)."/label/$language", $answer)->assertOk();
        }
    }
    ($test->edit)('fields/birthday/required', '1')->assertOk();
    publishNow('footer-newsletter', $test->runa);
}

const ANSWERS = [
    'message' => "Two lines,\nand <b>markup</b>.", 'choices-answer-1' => 'yes', 'postal-street' => '1 Quay Road', 'postal-postcode' => 'TW1 9AB',
    'postal-town' => 'Tidewick', 'phone' => '+44 7700 900456', 'last-name' => 'Thormann', 'birthday-day' => '29', 'birthday-month' => '2',
];

test('what is wrong in one part is said at its field, and everything else that was typed and ticked stays', function (): void {
    published($this);
    $marks = $this->marks();
    $response = $this->signUp('imke@post.example', ['birthday-year' => '1999', ...ANSWERS], 'en', $marks)->assertStatus(422)
        ->assertSee('There is no such day.');
    $page = new Crawler((string) $response->getContent());
    expect($page->filter('#message')->getNode(0)?->textContent)->toContain(ANSWERS['message'])
        ->and($page->filter('#choices-answer-1[checked]')->count())->toBe(1)->and($page->filter('#choices-answer-2[checked]')->count())->toBe(0)
        ->and($page->filter('fieldset#birthday')->attr('aria-describedby'))->toBe('birthday-error')
        ->and($page->filter('.summary a')->attr('href'))->toBe('#birthday')->and($page->filter('b')->count())->toBe(1);
    foreach (['birthday-day' => '29', 'birthday-year' => '1999', 'postal-town' => 'Tidewick', 'phone' => '+44 7700 900456'] as $input => $value) {
        expect($page->filter("#$input")->attr('value'))->toBe($value);
    }
    $this->post('/forms/footer-newsletter/en', [
        'email' => 'imke@post.example', 'yes-voyage-news' => 'yes', ...$this->hidden($response), ...ANSWERS, 'birthday-year' => '1996',
    ])->assertRedirect();
    $kept = DB::table('disclosures')->pluck('text')->map(fn ($t) => array_slice(json_decode(base64_decode(strtr($t, '-_', '+/')), true), 1))
        ->mapWithKeys(fn ($d) => [$d[0] => $d[1]])->all();
    expect($kept)->toMatchArray([
        'message' => ANSWERS['message'], 'choices' => 'Seals & <birds>', 'birthday' => '1996-02-29', 'postal' => "1 Quay Road\nTW1 9AB\nTidewick",
        'phone' => '+447700900456', 'last-name' => 'Thormann',
    ]);
});

test('answers that were not offered, and inputs that are no fields, are not taken', function (array $crafted, string $says): void {
    published($this);
    $typed = ['birthday-year' => '1996', ...ANSWERS, ...$crafted];
    $this->signUp('imke@post.example', $typed)->assertStatus(422)->assertSee($says);
    expect(DB::table('disclosures')->count())->toBe(0);
})->with([
    'a tick that is no yes' => [['choices-answer-1' => 'on'], 'one of the answers that are offered'],
    'a list for a text' => [['birthday-day' => ['29']], 'There is no such day'],
    'a part left out' => [['postal-town' => ''], 'the street, the postcode and the town'],
    'a number that is none' => [['phone' => 'ring twice'], 'no phone number that we know'],
    'a character that cannot be shown' => [['message' => "a\x07b"], 'cannot be shown'],
]);

test('a person\'s page shows every answer as it was given, with its lines', function (): void {
    published($this);
    $this->signUp('imke@post.example', ['birthday-year' => '1996', ...ANSWERS])->assertRedirect();
    $page = $this->actingAs($this->runa)->get('/evidence/'.Subscriber::query()->firstOrFail()->subject->hex())->assertOk();
    $page->assertSee('Seals &amp; &lt;birds&gt;', false)->assertSee('1996-02-29')
        ->assertSee('&lt;b&gt;markup&lt;/b&gt;', false)->assertDontSee('<b>markup</b>', false);
    // And in the form as it was shown, where it was typed.
    $form = new Crawler((string) $this->get((string) (new Crawler((string) $page->getContent()))->filter('iframe')->attr('src'))->assertOk()->getContent());
    expect($form->filter('#choices-answer-1[checked]')->count())->toBe(1)->and($form->filter('#choices-answer-2[checked]')->count())->toBe(0)
        ->and($form->filter('#birthday-day')->attr('value'))->toBe('29')->and($form->filter('#birthday-year')->attr('value'))->toBe('1996')
        ->and($form->filter('#postal-town')->attr('value'))->toBe('Tidewick')->and($form->filter('#message')->getNode(0)?->textContent)->toContain('Two lines');
});
