<?php

declare(strict_types=1);

use App\Models\Point;
use App\Models\User;
use App\Support\SystemClock;
use App\Support\TrialLink;
use Database\Demo\GroupTravel;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\MacRing;
use Symfony\Component\DomCrawler\Crawler;
use Tests\Support\Visitor;

uses(Visitor::class);

/* A draft is gone through from a private link, as oneself, as somebody doubtful and as a program: seen as visitors see it, and nothing of it is kept. */

beforeEach(function (): void {
    [$this->runa, $this->arne, $this->malin] = User::query()->orderBy('id')->limit(3)->get()->all();
    $this->point = Point::query()->firstOrFail();
    $this->at = fn (string $as, string $language = 'en'): string => sprintf(
        '/trials/%s/%s/%s', TrialLink::to($this->point->id, app(SystemClock::class)->instant(), app(MacRing::class)), $as, $language
    );
    // Everything in a page that a browser would send back.
    $this->sent = static function (string $html): array {
        $inputs = [];
        foreach ((new Crawler($html))->filter('form input') as $input) {
            if ($input->getAttribute('type') !== 'checkbox' || $input->hasAttribute('checked')) {
                $inputs[$input->getAttribute('name')] = $input->getAttribute('value');
            }
        }

        return $inputs;
    };
    $this->kept = static fn (): array => array_map(
        static fn (string $table): int => DB::table($table)->count(),
        ['journeys', 'subscribers', 'held_submissions', 'assessed_submissions', 'seen_lately', 'spent_marks', 'deliveries', 'enquiries', 'mailbox_counts']
    );
});

test('as oneself it goes on, as a program it is held, and as somebody doubtful the puzzle comes and is solved; nothing is kept', function (): void {
    $before = ($this->kept)();
    $yes = ['email' => 'malin@tidewick.example', 'yes-voyage-news' => 'yes'];
    foreach (['ordinary' => 'It would have gone on.', 'program' => 'It would have been held'] as $as => $says) {
        $page = (string) $this->get(($this->at)($as))->assertOk()->assertSee('A trial: nothing is kept of it')->getContent();
        Carbon::setTestNow(now()->addSeconds(9));
        $this->post(($this->at)($as), [...($this->sent)($page), ...$yes])->assertOk()->assertSee($says)->assertSee('Start, for everybody');
    }
    $page = (string) $this->get(($this->at)('doubtful'))->getContent();
    Carbon::setTestNow(now()->addSeconds(9));
    $puzzled = $this->post(($this->at)('doubtful'), [...($this->sent)($page), ...$yes])->assertStatus(422)->assertSee('id="puzzle"', false);
    $inputs = ($this->sent)((string) $puzzled->getContent());
    $this->post(($this->at)('doubtful'), [...$inputs, ...$yes, 'puzzle-answer' => 'Xyzzy'])->assertStatus(422);
    $solution = 0;
    $bits = (int) (new Crawler((string) $puzzled->getContent()))->filter('#puzzle')->attr('data-bits');
    while (unpack('N', hash('sha256', "{$inputs['puzzle']}:$solution", true))[1] >= 2 ** (32 - $bits)) {
        $solution++;
    }
    $this->post(($this->at)('doubtful'), [...$inputs, ...$yes, 'puzzle-solution' => (string) $solution])->assertOk()->assertSee('It would have gone on.')
        ->assertSee('The puzzle was solved');
    expect(($this->kept)())->toBe($before);
});

test('what is wrong is said as on the form, a changed draft begins anew, pages are turned, and a link ends', function (): void {
    $page = (string) $this->get(($this->at)('ordinary', 'de'))->getContent();
    $this->post(($this->at)('ordinary', 'de'), [...($this->sent)($page), 'email' => 'nonsense'])->assertStatus(422)->assertSee('value="nonsense"', false);
    $base = newestOf($this->point->record);
    $this->actingAs($this->malin)->post('/points/footer-newsletter/change', ['place' => 'title/de', 'value' => 'Ganz neu hier', 'base' => $base])->assertOk();
    $anew = (string) $this->post(($this->at)('ordinary', 'de'), [...($this->sent)($page), 'email' => 'malin@tidewick.example'])->assertOk()->getContent();
    expect($anew)->toContain('A trial')->not->toContain('nonsense');
    // Of a form with pages, one page after the other.
    demoPoint(GroupTravel::SHEET, $this->malin, $this->arne);
    $this->point = Point::query()->where('slug', 'group-travel')->firstOrFail();
    $first = (string) $this->get(($this->at)('ordinary'))->assertOk()->getContent();
    $this->post(($this->at)('ordinary'), [...($this->sent)($first), 'go' => 'on'])->assertStatus(422);
    [$link, $other] = [($this->at)('ordinary'), ($this->at)('somebody')];
    $this->get($other)->assertNotFound();
    $this->get(substr_replace($link, 'x', 14, 1))->assertNotFound();
    Carbon::setTestNow(now()->addDays(8));
    $this->get($link)->assertNotFound();
    $this->post($link, [])->assertNotFound();
});
