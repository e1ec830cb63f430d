<?php

declare(strict_types=1);

use App\Actions\ActRefusal;
use App\Actions\Registers\Approve;
use App\Actions\Registers\ChangeRecord;
use App\Actions\Registers\Propose;
use App\Actions\Wording\ReadLibrary;
use App\Models\ApprovedEdition;
use App\Models\Decided;
use App\Models\Point;
use App\Models\PublishedEdition;
use App\Models\Record;
use App\Models\Revision;
use App\Models\User;
use App\Queries\Points\AffectedPoints;
use App\Queries\Registers\RegistersInForce;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\AuthoredRevision;
use Juramen\Canon\Authorship;
use Juramen\Canon\Day;
use Juramen\Canon\Digest;
use Juramen\Canon\Refused;

/* What holds of approvals in whatever order people act. */

beforeEach(function (): void {
    $this->people = User::query()->orderBy('id')->limit(3)->get()->all();
    $this->statement = Record::query()->where('kind', 'statement')->firstOrFail();
    $this->rules = Record::query()->where('kind', 'rules')->firstOrFail();
});

test('in whatever order three people write, undo, submit, return and approve, nobody\'s own words are approved by them, and every edition is what was looked at', function (): void {
    mt_srand(41);
    [$change, $approve, $propose] = [app(ChangeRecord::class), app(Approve::class), app(Propose::class)];
    for ($step = 0; $step < 160; $step++) {
        $who = $this->people[mt_rand(0, 2)];
        $newest = (int) $this->statement->revisions()->max('number');
        match (mt_rand(0, 6)) {
            0,
            1 => written(
                $this->statement, $who, 'texts/'.['en', 'de'][mt_rand(0, 1)],
                'Yes, {controller} may email me sailings of route '.mt_rand(1, 9).', {rate}. {withdrawal}', mt_rand(max(1, $newest - 1), $newest)
            ),
            2 => mt_rand(0, 1) === 0 ? $change->undo($this->statement, $who) : $change->redo($this->statement, $who),
            3 => $propose->submit($this->statement, $who, 'step '.$step),
            4 => mt_rand(0, 3) === 0 ? (function () use ($propose, $who): void {
                $waits = $this->statement->openProposal() !== null;
                try {
                    $propose->return($this->statement, $who, 'Not like that.');
                    expect($waits)->toBeTrue();
                } catch (Refused) {
                    expect($waits)->toBeFalse();
                }
            })() : null,
            default => (function () use ($approve, $who, $newest): void {
                try {
                    $approve($this->statement->name(), $who, mt_rand(0, 4) === 0 ? $newest - 1 : $newest, 'A comment of fifteen letters.');
                } catch (Refused) {
                }
            })(),
        };
    }
    $editions = ApprovedEdition::query()->where('record_id', $this->statement->id)->orderBy('number')->get();
    expect(count($editions))->toBeGreaterThan(4);
    $last = 0;
    foreach ($editions as $i => $edition) {
        $revisions = Revision::query()->where('record_id', $this->statement->id)->where('number', '<=', $edition->revision)->orderBy('number')->get();
        $writers = Authorship::ofDifference($revisions->map(fn (Revision $r) => new AuthoredRevision($r->step(), $r->author_id, $r->document))->all(), $last);
        expect($edition->number)->toBe($i + 1)->and($writers)->not->toContain($edition->approved_by)
            ->and($edition->document()->equals($revisions->last()->document))->toBeTrue()
            ->and(Digest::of($edition->bytes))->toEqual($edition->digest);
        $last = $edition->revision;
    }
    // Every approval is an entry of the ledger, in order, and at most one proposal waits.
    $acts = DB::table($this->ledger('entries'))->where('subject', $this->statement->refresh()->subject->bytes)->orderBy('sequence')->pluck('body')
        ->map(fn ($b) => json_decode($b, true)['edition'])->all();
    expect($acts)->toBe($editions->map(fn (ApprovedEdition $e): string => $e->digest->hex())->all())
        ->and($this->statement->proposals()->whereNull('decision')->count())->toBeLessThanOrEqual(1)
        ->and($this->statement->proposals()->where('decision', Decided::Approved)->count())->toBeLessThanOrEqual(count($editions));
});

test('with four eyes switched off an officer approves her own draft; switching it off took two', function (): void {
    [$runa, $arne] = $this->people;
    written($this->rules, $runa, 'four-eyes', false);
    expect(fn () => app(Approve::class)($this->rules->name(), $runa, 2, ''))->toBeRefused(ActRefusal::OwnDraft);
    app(Approve::class)($this->rules->name(), $arne, 2, 'We are only two.');
    written($this->statement, $runa, 'texts/en', 'Yes, {controller} may email me sailings {rate}. {withdrawal}');
    expect(app(Approve::class)($this->statement->name(), $runa, 2, '')->number)->toBe(2);
});

test('what is in force on a day is the last that was approved and had begun, for whatever days they hold from', function (): void {
    mt_srand(42);
    [$runa, $arne] = $this->people;
    $begin = Carbon::parse('2026-11-25 09:00:00');
    $approved = [[$begin->copy()->subYear()->format('Y-m-d'), 7]];
    for ($i = 0; $i < 12; $i++) {
        Carbon::setTestNow($begin->copy()->addDays($i));
        $days = mt_rand(8, 30);
        written($this->rules, $runa, 'lapse-days', $days);
        $from = now()->addDays(mt_rand(0, 10))->format('Y-m-d');
        try {
            app(Approve::class)($this->rules->name(), $arne, (int) $this->rules->revisions()->max('number'), '', [], $from);
            $approved[] = [$from, $days];
        } catch (Refused) {
        }
    }
    for ($day = 0; $day < 30; $day++) {
        $on = $begin->copy()->addDays($day)->format('Y-m-d');
        $begun = array_filter($approved, static fn (array $a): bool => $a[0] <= $on);
        expect(app(RegistersInForce::class)->registers(Day::parse($on))->house->points->lapseDays)->toBe(end($begun)[1], $on);
    }
});

test('published again, a point is touched no more; until then it is', function (): void {
    mt_srand(43);
    [$runa, $arne, $malin] = $this->people;
    $point = Point::query()->firstOrFail();
    for ($i = 0; $i < 8; $i++) {
        $choose = mt_rand(0, 1) === 1;
        written($this->statement, $malin, 'texts/en', "Yes, {controller} may email me sailings of route $i {rate}. {withdrawal}");
        app(Approve::class)(
            $this->statement->name(), [$runa, $arne][$i % 2], (int) $this->statement->revisions()->max('number'), '',
            $choose ? chosenPoints($this->statement, $point->slug) : []
        );
        expect(count(app(AffectedPoints::class)->by(app(RegistersInForce::class)->registers())))->toBe($choose ? 0 : 1);
    }
    $shown = PublishedEdition::query()->orderByDesc('number')->firstOrFail();
    expect(json_decode($shown->bytes, true)['statements'][0]['edition'])->toBe(
        ApprovedEdition::query()->where('record_id', $this->statement->id)->where('approved_at', '<=', $shown->published_at->utc->format('Y-m-d H:i:s.u'))
            ->orderByDesc('number')->firstOrFail()->digest->hex()
    );
});

test('a CSV of any words comes back as it went out', function (): void {
    mt_srand(44);
    $bits = ['"', ',', ';', "\n", "\r\n", "\t", '=1+1', '+', '-', '@', "'", ' ', 'Åre', 'שלום', '{controller}', '{rate}', '{withdrawal}', 'word'];
    for ($run = 0; $run < 60; $run++) {
        $text = trim(implode('', array_map(static fn (): string => $bits[mt_rand(0, count($bits) - 1)], range(1, mt_rand(3, 20)))));
        if ($text === '' || str_starts_with($text, '\'')) {
            continue;
        }
        written($this->statement, $this->people[2], 'texts', ['en' => $text]);
        $csv = csv(['statement', 'language', 'text'], [['voyage-news', 'en', $text]]);
        $library = app(ReadLibrary::class)($csv);
        expect(array_map(static fn ($r) => $r->new, $library->rows))->toBe([$text])->and($library->changes())->toBe([]);
    }
});
