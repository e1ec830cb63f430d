<?php

declare(strict_types=1);

use App\Actions\ActRefusal;
use App\Actions\Upkeep\DeleteDue;
use App\Models\Draw;
use App\Models\Enquiry;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Juramen\Canon\Id;
use Juramen\Consent\PrizeDraw;
use Juramen\Points\FormKind;
use Tests\Support\Visitor;

uses(Visitor::class);

/* A prize draw from its publishing to the deletion of its entries. */

test('it is closed, drawn and accepted in its turn, keeps entries without any consent, and can be checked from the ledger', function (): void {
    [$malin, $runa] = array_map(fn (string $n): User => User::query()->where('email', "$n@tidewick.example")->firstOrFail(), ['malin', 'runa']);
    $field = static fn (string $kind, array $more = []): array => [
        'id' => $kind, 'kind' => $kind, 'label' => ['en' => $kind, 'de' => $kind], 'required' => true, 'reason' => 'to tell the winner', ...$more,
    ];
    demoPoint([
        ...Database\Demo\FooterNewsletter::SHEET, 'point' => 'lamp-draw', 'name' => 'Lamp draw', 'kind' => FormKind::PrizeDraw->value,
        'closes' => now()->addDays(2)->format('Y-m-d'), 'fields' => [$field('email'), $field('terms', ['terms' => [
            'name' => ['en' => 'Terms of the draw', 'de' => 'Bedingungen'], 'edition' => '1',
            'link' => ['en' => 'https://tidewick.example/draw', 'de' => 'https://tidewick.example/verlosung'],
        ]])],
    ], $malin, $runa);
    $entries = DB::table($this->ledger('entries'));
    $seed = json_decode($entries->clone()->where('kind', 'draw-begun')->value('body'), true)['details']['seed'];
    expect($seed)->toBe(PrizeDraw::commitment((string) hex2bin(Draw::query()->sole()->seed))->hex())
        ->and((string) DB::table('draws')->value('seed'))->not->toContain(Draw::query()->sole()->seed);
    $enter = function (string $email, array $more = []): TestResponse {
        $marks = $this->marks('en', 'lamp-draw');
        Carbon::setTestNow(now()->addSeconds(5));

        return $this->post('/forms/lamp-draw/en', [...$marks, 'email' => $email, 'terms' => 'yes', ...$more]);
    };
    foreach (['ada@post.example', 'bo@post.example', 'ADA@post.example', 'cy@post.example'] as $i => $email) {
        $enter($email, $i === 1 ? ['yes-voyage-news' => 'yes'] : [])->assertRedirect();
    }
    $enter('bot@post.example', ['homepage' => 'x'])->assertRedirect();
    $run = fn (string $do, array $more = []): TestResponse => $this->actingAs($runa)->post('/points/lamp-draw/draw', ['do' => $do, ...$more]);
    $run('close')->assertRefused(ActRefusal::DrawStillOpen);
    $run('draw')->assertRefused(ActRefusal::DrawOutOfTurn);
    $run('accept', ['until' => '2036-12-31'])->assertRefused(ActRefusal::DrawOutOfTurn);
    $this->get('/points/lamp-draw/draw')->assertOk()->assertSee($seed)->assertDontSee(Draw::query()->sole()->seed);
    Carbon::setTestNow(now()->addDays(3));
    $this->actingAs($malin)->post('/points/lamp-draw/draw', ['do' => 'close'])->assertForbidden();
    $run('close')->assertSessionHas('said');
    $run('close')->assertRefused(ActRefusal::DrawOutOfTurn);
    $run('draw')->assertSessionHas('said');
    $run('draw')->assertRefused(ActRefusal::DrawOutOfTurn);
    // One entry for each address; the doubtful one takes part, since fairness comes first.
    $closed = json_decode($entries->clone()->where('kind', 'draw-closed')->value('body'), true)['details'];
    $drawn = json_decode($entries->clone()->where('kind', 'drawn')->value('body'), true)['details'];
    $ids = array_map(Id::fromHex(...), Draw::query()->sole()->entries);
    expect($closed['count'])->toBe(4)->and($closed['entries'])->toBe(PrizeDraw::digestOf($ids)->hex())
        ->and(hash('sha256', (string) hex2bin($drawn['seed'])))->toBe($seed)
        ->and($drawn['winner'])->toBe(PrizeDraw::winner((string) hex2bin($drawn['seed']), $ids)->hex());
    $this->get('/points/lamp-draw/draw')->assertSee($drawn['seed'])->assertSee($drawn['winner']);
    foreach (['', 'soon', now()->addDays(-1)->format('Y-m-d')] as $bad) {
        $run('accept', ['until' => $bad])->assertRefused(ActRefusal::DrawKeptUntil);
    }
    $run('accept', ['until' => now()->addYears(10)->format('Y-m-d')])->assertSessionHas('said');
    Carbon::setTestNow(now()->addDays(29));
    app(DeleteDue::class)();
    expect(Enquiry::query()->count())->toBe(5);
    Carbon::setTestNow(now()->addDays(2));
    app(DeleteDue::class)();
    expect(Enquiry::query()->sole()->id->hex())->toBe($drawn['winner']);
    $this->artisan('ledger:seal')->assertExitCode(0);
    expect(verified()->faults)->toBe([]);
    $this->get('/points/footer-newsletter/draw')->assertNotFound();
});
