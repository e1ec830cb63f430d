<?php

declare(strict_types=1);

use App\Models\AssessedSubmission;
use App\Models\Enquiry;
use App\Models\HeldSubmission;
use App\Models\SignupJourney;
use App\Models\User;
use Database\Demo\ContactForm;
use Illuminate\Support\Carbon;
use Juramen\Screening\Band;
use Tests\Support\Visitor;

uses(Visitor::class);

/* A farm of bots against the forms, and many people who are none: what is kept out, by kind, and who is bothered. */

beforeEach(function (): void {
    mt_srand(2026);
    [, $this->arne, $this->malin] = User::query()->orderBy('id')->limit(3)->get()->all();
    $this->from = fn (string $network): object => $this->withServerVariables(['REMOTE_ADDR' => $network]);
    $this->letters = static fn (int $many): string => implode('', array_map(static fn (): string => chr(97 + mt_rand(0, 25)), range(1, $many)));
    $this->anywhere = static fn (): string => '198.51.'.mt_rand(0, 99).'.'.mt_rand(1, 250);
    $this->send = function (string $point, array $values, int $seconds, ?array $marks = null) {
        $marks ??= $this->marks('en', $point);
        Carbon::setTestNow(now()->addSeconds($seconds));

        return $this->post("/forms/$point/en", [...$marks, ...$values]);
    };
    // How many of so many tries led to a mail to somebody.
    $this->through = function (int $tries, callable $one): array {
        $before = SignupJourney::query()->count();
        for ($i = 0; $i < $tries; $i++) {
            $one($i);
        }
        $through = SignupJourney::query()->count() - $before;

        return [$tries - $through, $tries];
    };
    $this->yes = ['yes-voyage-news' => 'yes'];
});

test('a farm of bots: the share kept out of each kind', function (): void {
    demoPoint(ContactForm::SHEET, $this->malin, $this->arne);
    $offers = [
        'Click here to register free, absolutely free quote, limited time only: http://192.0.2.%d/x http://win.example http://now.example',
        'Order now and claim your money! Free access, no risk, click http://192.0.2.%d/a http://192.0.2.%d/b http://deals.example today!!',
        'Lose weight fast, absolutely free offer for you! Please visit our site http://192.0.2.%d/c and click here to order now, limited time only',
    ];
    $replayed = null;
    $kinds = [
        'plain posts that never saw the page' => fn (int $i) => $this->post('/forms/footer-newsletter/en', ['email' => "plain$i@post.example", ...$this->yes]),
        'filling in whatever there is, at once' => fn (int $i) => ($this->send)(
            'footer-newsletter', ['email' => "all$i@post.example", 'first-name' => 'Jo', 'homepage' => 'http://x.example', ...$this->yes], 0
        ),
        'at once, with the trap left alone' => fn (int $i) => ($this->send)('footer-newsletter', ['email' => "fast$i@post.example", ...$this->yes], 1),
        'one page sent again and again' => function (int $i) use (&$replayed): void {
            $replayed ??= $this->marks();
            ($this->send)('footer-newsletter', ['email' => "again$i@post.example", ...$this->yes], 5, $replayed);
        },
        'slow, from everywhere, with names struck at random' => function (int $i): void {
            ($this->from)(($this->anywhere)());
            $address = ($this->letters)(11);
            ($this->send)('footer-newsletter', ['email' => "$address@post.example", 'first-name' => ucfirst(($this->letters)(9)), ...$this->yes], 12);
        },
        'as people write, with the words of spam' => function (int $i) use ($offers): void {
            ($this->from)(($this->anywhere)());
            ($this->send)('contact-form', [
                'email' => "friendly.writer$i@post.example", 'name' => 'Ada Holm', 'message' => sprintf($offers[$i % 3], $i, $i + 100), ...$this->yes,
            ], 45);
        },
    ];
    $kept = [];
    foreach ($kinds as $kind => $one) {
        $kept[$kind] = ($this->through)(30, $one);
    }
    foreach ($kept as $kind => [$out, $of]) {
        fwrite(STDERR, sprintf("%3d %% kept out: %s\n", 100 * $out / $of, $kind));
    }
    $share = static fn (string $begins): float => array_values(array_filter(
        array_map(static fn (string $kind, array $k): ?float => str_starts_with($kind, $begins) ? $k[0] / $k[1] : null, array_keys($kept), $kept),
        static fn (?float $s): bool => $s !== null
    ))[0];
    expect([$share('plain'), $share('filling'), $share('at once')])->toBe([1.0, 1.0, 1.0])
        // The first of them is a sign-up like any other.
        ->and($share('one page'))->toBeGreaterThanOrEqual(29 / 30)->and($share('slow'))->toBeGreaterThan(0.5)->and($share('as people'))->toBeGreaterThan(0.9);
    // What was held of enquiries reached the team all the same, marked: nobody's message is dropped unread.
    $held = HeldSubmission::query()->get()->filter(fn (HeldSubmission $h): bool => str_starts_with($h->content->email, 'friendly'))->count();
    expect(Enquiry::query()->where('doubtful', true)->count())->toBe($held)->and($held)->toBeGreaterThan(0);
});

test('of varied people, two hundred in a long run, none is held or refused, and at most two in a hundred are put a puzzle', function (): void {
    $people = getenv('LONG') === '1' ? 200 : 60;
    demoPoint(ContactForm::SHEET, $this->malin, $this->arne);
    $locales = ['en_GB', 'de_DE', 'sv_SE', 'da_DK', 'fr_FR', 'pl_PL', 'tr_TR', 'ru_RU', 'it_IT', 'nl_NL'];
    $fakers = array_map(static function (string $locale): Faker\Generator {
        $faker = Faker\Factory::create($locale);
        $faker->seed(7);

        return $faker;
    }, $locales);
    $asks = [
        'Is there a cabin left on %s for two adults and a dog?', 'Wir kommen am %s mit 38 Schülern. Gibt es einen Gruppenpreis?',
        'My booking of %s was paid twice, please send the money back.', 'Kan jag ta med cykeln den %s?', 'La traversée du %s est-elle annulée ?',
    ];
    [$puzzled, $asked] = [0, 0];
    for ($i = 0; $i < $people; $i++) {
        $faker = $fakers[$i % 10];
        // Every eighth of them is on board, behind one address; the others are anywhere.
        ($this->from)($i % 8 === 0 ? '203.0.113.9' : ($this->anywhere)());
        $name = $faker->firstName();
        $local = [$faker->userName(), 'k.'.mt_rand(1960, 2008), substr(preg_replace('/[^a-z]/', '', strtolower($faker->email())), 0, 9).$i, "holm$i"][$i % 4];
        $address = "$local.$i@".['post.example', 'inbox.example', 'mail.example'][$i % 3];
        $seconds = [3, 7, 20, 90, 600, 4000][$i % 6];
        $enquires = $i % 5 === 0;
        $answer = $enquires
            ? ($this->send)('contact-form', [
                'email' => $address, 'name' => "$name {$faker->lastName()}", 'message' => sprintf($asks[$i % 25 / 5], "$i May"), ...$this->yes,
            ], $seconds)
            : ($this->send)('footer-newsletter', ['email' => $address, 'first-name' => $i % 3 === 0 ? '' : $name, ...$this->yes], $seconds);
        if ($answer->getStatusCode() === 422) {
            expect((string) $answer->getContent())->toContain('puzzle-answer');
            $puzzled++;
        } else {
            $answer->assertRedirect();
            $asked++;
        }
    }
    fwrite(STDERR, "of $people people $puzzled were put a puzzle\n");
    expect(HeldSubmission::query()->count())->toBe(0)->and(AssessedSubmission::query()->where('band', '<>', Band::Pass)->count())->toBe(0)
        ->and(Enquiry::query()->where('doubtful', true)->count())->toBe(0)->and($puzzled)->toBeLessThanOrEqual(intdiv($people, 50))
        ->and($asked)->toBe($people - $puzzled)
        ->and(SignupJourney::query()->count())->toBe($asked);
});
