<?php

declare(strict_types=1);

use Database\Demo\FooterNewsletter;
use Database\Demo\House;
use Juramen\Canon\Document;
use Juramen\Canon\Place;
use Juramen\Canon\Refused;
use Juramen\Points\SheetDraft;
use Juramen\Register\Colour;
use Juramen\Register\Look;
use Juramen\Register\LookDraft;
use Juramen\Register\LookPair;

/* Colours and how they stand out; a point's choices over those of its house. */

function look(array $own, array $house = []): Look
{
    return Look::of(Colour::parse('#7a3a12'), LookDraft::from(Document::from($house)), LookDraft::from(Document::from($own)));
}

test('the nearest shade passes, is the same where that is enough, and no nearer one on the way does', function (): void {
    mt_srand(5);
    $any = static fn (): Colour => Colour::parse(sprintf('#%06x', mt_rand(0, 0xFFFFFF)));
    for ($turn = 0; $turn < 400; $turn++) {
        [$front, $ground, $needed] = [$any(), $any(), [3.0, 4.5][$turn % 2]];
        $near = $front->passing($ground, $needed);
        expect($near->contrast($ground))->toBeGreaterThanOrEqual($needed, "{$front->hex()} on {$ground->hex()}");
        if ($front->contrast($ground) >= $needed) {
            expect($near->hex())->toBe($front->hex());
        }
        // Both ways, step by step, in a naive reading.
        $first = null;
        for ($step = 0; $step <= 256 && $first === null; $step++) {
            foreach ([Colour::black(), Colour::white()] as $end) {
                $first ??= $front->mixed($end, $step / 256)->contrast($ground) >= $needed ? $front->mixed($end, $step / 256)->hex() : null;
            }
        }
        expect($near->hex())->toBe($first);
    }
});

test('whatever colours are chosen, what follows from them by itself stands out, by day and in the dark', function (): void {
    mt_srand(8);
    for ($turn = 0; $turn < 200; $turn++) {
        $accent = sprintf('#%06x', mt_rand(0, 0xFFFFFF));
        $look = look(['accent' => $accent]);
        expect($look->buttonText()->contrast($look->button()))->toBeGreaterThanOrEqual(4.5, $accent);
        foreach ($look->dark()->pairs() as $pair) {
            expect($pair->has())->toBeGreaterThanOrEqual($pair->needed, "$accent in the dark: $pair->what");
        }
    }
});

test('a form without a ground of its own leaves open how it stands out, but in its fields, and follows no dark', function (): void {
    $clear = look(['ground' => 'host', 'ink' => '#777777', 'page' => '#ffffff']);
    $open = [];
    foreach ($clear->pairs() as $pair) {
        $open[$pair->what] = $pair->isOpen;
    }
    expect($open)->toMatchArray(['text on the form' => true, 'text in fields' => false, 'words on a button' => false, 'a button beside the form' => true])
        ->and(array_filter($clear->pairs(), static fn (LookPair $p): bool => $p->what === 'text in fields' && ! $p->isEnough()))->toHaveCount(1)
        ->and($clear->rules())->toContain('background: none')->and($clear->css())->not->toContain('dark')
        ->and(look([])->rules())->toBe('')->and(look([], ['ground' => 'host'])->isClear())->toBeTrue()
        ->and(look(['ground' => 'own'], ['ground' => 'host'])->isClear())->toBeFalse();
});

test('a point goes before its house, and its house before ours', function (): void {
    $house = ['ink' => '#112233', 'font' => 'sans', 'corner' => 9];
    expect(look([], $house)->ink()->hex())->toBe('#112233')->and(look(['ink' => '#000000'], $house)->ink()->hex())->toBe('#000000')
        ->and(look(['ink' => '#000000'], $house)->corner())->toBe(9)->and(look([])->accent()->hex())->toBe('#7a3a12')
        ->and(look(['accent' => '#000001'])->accent()->hex())->toBe('#000001')->and(look([])->css())->toContain('--accent: #7a3a12');
    $poor = array_values(array_filter(look(['ink' => '#ccccbb'])->pairs(), static fn (LookPair $p): bool => $p->what === 'text on the form'))[0];
    expect($poor->isEnough())->toBeFalse()->and($poor->nearest()->contrast($poor->ground))->toBeGreaterThanOrEqual(4.5);
});

test('what is no colour, no measure and no layout is not written, and styles can carry nothing else', function (string $place, mixed $value): void {
    $sheet = Document::from(FooterNewsletter::SHEET)->with(Place::parse($place), $value);
    expect(static fn () => SheetDraft::schema()->check($sheet))->toThrow(Refused::class);
    // Read all the same from an old document, it is as if it were not chosen.
    $css = House::registers()->complete(SheetDraft::from($sheet))->look(House::registers()->controller('tidewick-ferries'))->css();
    expect($css)->not->toContain('url(')->not->toContain('expression')->not->toContain('</');
})->with([
    ['look/accent', 'red'], ['look/accent', '#fff;}body{background:url(//x)'], ['look/ink', '#FFFFFF'], ['look/corner', 900], ['look/corner', '4px'],
    ['look/edge-width', 0], ['look/font', '</style>'], ['look/layout', 'grid'], ['look/spacing', 'expression(1)'], ['look/dark', 'yes'],
]);
