<?php

declare(strict_types=1);

use App\Actions\Screening\TeachWords;
use App\Actions\Signup\WorkOnEnquiry;
use App\Actions\Upkeep\DeleteDue;
use App\Models\Enquiry;
use App\Models\EnquiryState;
use App\Models\User;
use App\Queries\Screening\ReadTaughtWords;
use Database\Demo\ContactForm;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Juramen\Screening\Text\TaughtText;
use Juramen\Screening\Text\TaughtWords;
use Juramen\Screening\Text\TextModel;
use Tests\Support\Visitor;

uses(Visitor::class);

/* Enquiries that people read as spam, or work on, teach screening what words say here. */

beforeEach(function (): void {
    [$this->runa, $this->arne, $this->malin] = User::query()->orderBy('id')->limit(3)->get()->all();
    demoPoint(ContactForm::SHEET, $this->malin, $this->arne);
    $this->write = function (string $email, string $message, string $name = 'Jo'): Enquiry {
        $marks = $this->marks('en', 'contact-form');
        Carbon::setTestNow(now()->addSeconds(20));
        $this->post('/forms/contact-form/en', [...$marks, 'email' => $email, 'name' => $name, 'message' => $message])->assertRedirect();

        return Enquiry::query()->orderByDesc('received_at')->firstOrFail();
    };
});

test('words of five senders or more are kept, no names, and weigh by who wrote them; too little teaches nothing', function (): void {
    mt_srand(9);
    $of = static fn (int $i, bool $spam): TaughtText => TaughtText::of(
        "sender$i", ($spam ? 'kabuto lanterns wholesale' : 'cabin with a dog').($i % 4 === 0 ? ' greetings Malwine' : ''), 'Malwine Ost', $spam
    );
    expect(TaughtWords::of(array_map(static fn (int $i): TaughtText => $of($i, true), range(1, 50)))->size())->toBe(0);
    $many = static fn (callable $one, int $from, int $to): array => array_map($one, range($from, $to));
    $texts = [...$many(static fn (int $i): TaughtText => $of($i, true), 1, 30), ...$many(static fn (int $i): TaughtText => $of($i, false), 101, 140)];
    $words = TaughtWords::of($texts);
    expect([$words->spam, $words->ham, $words->has('kabuto'), $words->has('malwine'), $words->has('greetings malwine')])->toBe([30, 40, true, false, false])
        ->and($words->weight('kabuto'))->toBeGreaterThan(1.0)->and($words->weight('cabin'))->toBeLessThan(-1.0)
        ->and(TaughtWords::from($words->toArray()))->toEqual($words);
    // The same sender however often is one.
    expect(TaughtWords::of([...array_fill(0, 40, TaughtText::of('one', 'kabuto kabuto', '', true)), ...$texts])->weight('kabuto'))
        ->toEqualWithDelta($words->weight('kabuto'), 0.1)
        ->and(TaughtWords::of([
            ...$many(static fn (int $i): TaughtText => TaughtText::of('s'.$i % 4, "rare$i word", '', true), 1, 30), ...$texts,
        ])->has('word'))->toBeFalse();
    $plain = TextModel::of(['win'], [3.0], -1.0);
    expect($plain->taught($words)->score('kabuto lanterns'))->toBeGreaterThan($plain->score('kabuto lanterns'))
        ->and($plain->taught($words)->score('cabin with dog'))->toBeLessThan($plain->score('cabin with dog'));
});

test('what a person read as spam is deleted after thirty days, teaches meanwhile, and nothing unread ever is', function (): void {
    $offer = 'Kabuto lanterns straight from the maker, ask for our list of prices';
    for ($i = 0; $i < 7; $i++) {
        $spam = ($this->write)("sales$i@maker.example", $offer." number $i of the series");
        $this->actingAs($this->malin)->post("/enquiries/{$spam->id->hex()}/spam")->assertRedirect();
        $person = ($this->write)("traveller$i@post.example", "Is there a cabin left on the night ferry in week $i, with a dog?");
        app(WorkOnEnquiry::class)->close($person->id, $this->malin);
    }
    $this->get("/enquiries/{$spam->id->hex()}")->assertSee('read as spam');
    $unread = ($this->write)('later@maker.example', 'Kabuto lanterns again');
    expect(Artisan::call('screening:teach'))->toBe(0)->and(Artisan::output())->toContain('from 7 senders of spam and 7 others');
    $words = app(ReadTaughtWords::class)();
    expect($words->weight('lanterns'))->toBeGreaterThan(0.5)->and($words->weight('ferry'))->toBeLessThan(-0.5);
    $this->actingAs($this->runa)->get('/screening/weights')->assertSee('from 7 senders of spam and 7 others');
    // Opened again it is nobody's spam, and stays.
    $this->actingAs($this->malin)->post("/enquiries/{$spam->id->hex()}/reopen")->assertRedirect();
    expect($spam->refresh()->spam)->toBeFalse()->and($spam->deleted_at)->toBeNull();
    Carbon::setTestNow(now()->addDays(31));
    app(DeleteDue::class)();
    expect(Enquiry::query()->where('spam', true)->count())->toBe(0)->and(Enquiry::query()->whereKey($unread->id->bytes)->exists())->toBeTrue()
        ->and(Enquiry::query()->where('state', EnquiryState::Closed)->count())->toBe(7);
    // What is gone teaches no longer.
    expect(app(TeachWords::class)()->size())->toBe(0)->and(DB::table('taught_words')->count())->toBe(1);
});
