<?php

declare(strict_types=1);

use App\Actions\Screening\MailText;
use App\Actions\Screening\Models;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\File;
use Juramen\Screening\Text\GeneralWords;
use Juramen\Screening\Text\LabelledText;
use Juramen\Screening\Text\ScoredText;
use Juramen\Screening\Text\TextLine;
use Juramen\Screening\Text\TextModel;
use Juramen\Screening\Text\Tokens;
use Juramen\Screening\Text\TrainText;
use Tests\TestCase;

uses(TestCase::class);

/* Texts that read like spam: taken apart, learned, judged. */

test('a text is taken apart into words, pairs and what stands out, whatever hides them', function (string $text, array $has, array $hasNot): void {
    $tokens = Tokens::of($text);
    expect($tokens)->toContain(...$has)->and(array_intersect($hasNot, $tokens))->toBe([])->and($tokens)->toBe(array_values(array_unique($tokens)));
})->with([
    'plain' => ['Cheap berths, cheap!', ['cheap', 'cheap berths', 'cheap!'], ['#!!']],
    'zero-width characters between letters' => ["che\u{200B}ap b\u{2060}er\u{FEFF}ths", ['cheap', 'berths', 'cheap berths'], ['che', 'ths']],
    'markup' => [
        '<a href="https://www.Bad.example/x">Click</a> <font color=red>here</font>', ['<a', '<font', '@href', '@color', 'h:bad.example', 'click here'], ['font'],
    ],
    'a bare address' => ['see http://192.0.2.7/win now', ['#link', '#bare-address', 'h:192.0.2.7', 'see now'], ['http']],
    'money and shouting' => ['WIN CASH TODAY: $ 500, 50 % MORE', ['#money', '#percent', '#shouted3', 'win cash'], ['#shouted10']],
    'numbers by their length' => ['call 0800123456', ['call', '010', 'call 010'], ['0800123456']],
    'other scripts' => ['Дешёвые каюты 便宜', ['дешёвые', 'дешёвые каюты', '便宜'], []],
    'invalid UTF-8' => ["gr\xFF\xFEeat \xC3\x28 offer", ['offer'], []],
]);

test('of anything at all, five megabytes too, only so much is looked at, and it is soon over', function (): void {
    mt_srand(13);
    foreach ([
        str_repeat('<', 5_000_000), str_repeat('a', 5_000_000), str_repeat("<a href='", 500_000), str_repeat("\u{200B}", 1_000_000), random_bytes(2_000_000),
    ] as $text) {
        expect(spent(static fn () => expect(Tokens::of($text))->toBeArray()))->toBeLessThan(1000);
    }
});

test('what is learned is the same every time, tells the kinds apart, and is kept in a file', function (): void {
    $texts = [];
    $spam = ['Cheap pills, click now', 'You have won, claim your money', 'Loans approved today', 'Click and win'];
    $ham = ['When does the night ferry leave', 'May I bring my dog on board', 'We are forty pupils and two teachers', 'Is there a cabin left'];
    foreach ($ham as $i => $each) {
        for ($n = 0; $n < 10; $n++) {
            $texts[] = LabelledText::of("$each, and number $n on the list", false);
            $texts[] = LabelledText::of("$spam[$i], offer $n", true);
        }
    }
    $model = (new TrainText)($texts);
    expect($model->readsLikeSpam('Claim your cheap loans now'))->toBeTrue()->and($model->readsLikeSpam('When is there a ferry with a cabin'))->toBeFalse()
        ->and((new TrainText)($texts)->text())->toBe($model->text());
    $kept = TextModel::parse($model->text());
    expect($kept->text())->toBe($model->text())->and($kept->line)->toEqualWithDelta($model->line, 1e-4)
        ->and($kept->score('Claim your cheap loans now'))->toEqualWithDelta($model->score('Claim your cheap loans now'), 0.1)
        ->and($model->pruned(5)->size())->toBe(5)
        // Of what it does not know it says nothing: no language and no script is held against anybody.
        ->and($model->score('Кают ещё осталось?'))->toBe($model->score(''))->and($model->readsLikeSpam('船はいつ出ますか'))->toBeFalse()
        ->and(TextModel::of([], [], -1.0)->readsLikeSpam('Claim your cheap loans now'))->toBeFalse();
    expect((new TrainText)->learn([])->readsLikeSpam('anything'))->toBeFalse();
});

test('a file that is none is refused by its line', function (string $text, string $says): void {
    expect(fn () => TextModel::parse($text))->toThrow(InvalidArgumentException::class, $says);
})->with([['', 'its base and its line'], ["-1.0 0.5\nnothing", 'Line 2'], ["-1.0 0.5\n12 free\n12345678 money", 'Line 3']]);

test('the line lies where both mistakes cost least, and never where a person\'s words cost fifty spams', function (): void {
    mt_srand(21);
    for ($round = 0; $round < 300; $round++) {
        $scored = array_map(static fn (): ScoredText => new ScoredText(mt_rand(-40, 40) / 10, mt_rand(0, 1) === 1), range(1, mt_rand(1, 40)));
        $cost = static fn (float $line): int => array_sum(array_map(
            static fn (ScoredText $s): int => $s->score > $line ? ($s->spam ? 0 : TextLine::HAM_COSTS) : (int) $s->spam, $scored
        ));
        $least = min(array_map(static fn (int $tenth): int => $cost($tenth / 10 + 0.05), range(-45, 45)));
        expect($cost(TextLine::of($scored)))->toBe($least);
    }
});

test('words that many of both kinds have are kept to begin with; names and talk of spam are not', function (): void {
    $said = 'Ask Torben about spam: free ferry http://tidewick.example';
    $texts = array_map(static fn (int $i): LabelledText => LabelledText::of($said, $i % 2 === 0), range(1, 40));
    $texts = [...$texts, ...array_map(static fn (): LabelledText => LabelledText::of('Only Imke says lighthouse', false), range(1, 40))];
    $kept = GeneralWords::of($texts)->within(LabelledText::of('free ferry to Imke, spam free http://tidewick.example', true))->tokens;
    expect($kept)->toContain('free', 'ferry', 'free ferry', '#link')->not->toContain('imke', 'spam', 'spam free', 'h:tidewick.example');
});

test('the model that is shipped reads no enquiry as spam, in no language, and knows what is', function (): void {
    $model = (new Models)->words();
    foreach ([
        'We are 40 pupils from Marsund and would like to cross on 3 June. Is there a group fare, and may we bring bicycles?',
        'My booking TW-48213 was paid twice. Please send the money back to my account.', 'Can I still get a free cabin for tonight? My wife is ill.',
        'Wir möchten mit zwei Hunden und einem Wohnmobil nach Hellevig fahren. Was kostet das?', 'Är hunden gratis på nattfärjan?',
        'Bonjour, est-ce que la traversée de samedi est annulée ? Merci.', 'Kan jeg få pengene tilbage?', 'When does the island line run in winter?', 'ok', '',
    ] as $ham) {
        expect($model->readsLikeSpam($ham))->toBeFalse($ham);
    }
    $spam = 'Lose weight fast!! Click here <a href="http://192.0.2.9/x">now</a>: absolutely free quote, limited time only, order now and claim your money!!!';
    expect($model->readsLikeSpam($spam))->toBeTrue()->and($model->size())->toBeGreaterThan(10_000);
});

test('of a mail subject and body count, and nothing else that would give it away', function (): void {
    $mail = "From somebody Mon\nReceived: from spammer.example\nX-Mailer: Bulk\nSubject: =?utf-8?Q?[List]_F=C3=A4hre?=\n"
        ."Content-Type: text/plain; charset=\"NO_SUCH\"\n\nBody w\xF6rds";
    $text = (new MailText)->of($mail);
    expect(trim($text))->toBe("Fähre\nBody wörds");
    expect((new MailText)->of("\xFF\xFE\0\0nonsense"))->toBeString();
});

test('a folder of mails is learned and measured, each mail once; one that is none says what it wants', function (): void {
    $folder = sys_get_temp_dir().'/juramen-small-corpus-'.getmypid();
    foreach (['easy-ham-1' => 'When does the ferry leave', 'spam-1' => 'Click and win money', 'easy-ham-2' => 'Does the ferry leave today',
        'spam-2' => 'Win money, click', 'hard-ham-1' => 'Click to see the timetable'] as $name => $words) {
        File::ensureDirectoryExists("$folder/$name");
        foreach (range(1, 6) as $i) {
            // The last is the first once more.
            $n = $i === 6 ? 1 : $i;
            file_put_contents("$folder/$name/$i.txt", "Subject: $words\n\n$words, $n\n");
        }
    }
    expect(Artisan::call('screening:corpus', ['folder' => $folder, '--json' => true]))->toBe(0);
    $said = json_decode(trim(strrchr("\n".trim(Artisan::output()), "\n")), true);
    expect($said['trained'])->toBe(['ham' => 5, 'spam' => 5])->and($said['measured'][0])->toBe(['folder' => 'easy-ham-2', 'messages' => 5, 'called_spam' => 0])
        ->and($said['measured'][1]['called_spam'])->toBe(5)->and($said['accuracy'])->toEqual(1)->and($said['ham_called_spam'])->toEqual(0);
    File::deleteDirectory("$folder/spam-2");
    expect(Artisan::call('screening:corpus', ['folder' => $folder]))->toBe(2)->and(Artisan::output())->toContain('There are no mails in', 'easy-ham-1, spam-1');
    File::deleteDirectory($folder);
});
