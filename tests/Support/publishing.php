<?php

declare(strict_types=1);

use App\Actions\Ledger\Append;
use App\Actions\Points\BeginPoint;
use App\Actions\Points\ChosenPoint;
use App\Actions\Points\PublishPoint;
use App\Actions\Points\ReviewPublication;
use App\Actions\Registers\Approve;
use App\Models\Point;
use App\Models\Record;
use App\Models\RegisteredController;
use App\Models\User;
use App\Queries\Points\AffectedPoints;
use App\Queries\Registers\RegistersInForce;
use Database\Demo\BookingPopup;
use Database\Demo\House;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Digest;
use Juramen\Canon\Document;
use Juramen\Canon\Slug;
use Juramen\Points\PointEdition;
use Juramen\Points\Records;
use Juramen\Register\RecordKind;

/* Publishing as somebody does who has just looked. */

/** What whoever looks at a point's review now has looked at. */
function looked(string $slug = 'footer-newsletter'): string
{
    return app(ReviewPublication::class)->newest(Point::query()->with('record')->where('slug', $slug)->firstOrFail())->looked();
}

function publishNow(string $slug, User $officer): PointEdition
{
    return app(PublishPoint::class)(Point::query()->with('record')->where('slug', $slug)->firstOrFail(), $officer, looked($slug));
}

/** One more signup point that shows the voyage news, published. */
function anotherPoint(User $editor, User $officer, string $slug = 'booking-popup'): Point
{
    $record = begun(RecordKind::Sheet, $slug, ['point' => $slug] + BookingPopup::SHEET, $editor);
    $point = DB::transaction(fn (): Point => Point::query()->create([
        'slug' => $slug, 'subject' => app(Append::class)->begin('point')->subject, 'record_id' => $record->id,
        'controller_id' => RegisteredController::query()->firstOrFail()->id,
    ]));
    publishNow($slug, $officer);

    return $point;
}

/** A sheet of the demo, published with the purposes and statements it needs. */
function demoPoint(array $sheet, User $editor, User $officer): PointEdition
{
    foreach (array_column($sheet['statements'], 'id') as $id) {
        foreach ([[RecordKind::Purpose, House::PURPOSES], [RecordKind::Statement, House::STATEMENTS]] as [$kind, $all]) {
            $data = array_values(array_filter($all, static fn (array $each): bool => $each['id'] === $id))[0];
            if (! Record::query()->where('kind', $kind)->where('slug', $id)->exists()) {
                app(Approve::class)(begun($kind, $id, $data, $editor)->name(), $officer, 1, '');
            }
        }
    }
    app(BeginPoint::class)->put(Slug::parse($sheet['point']), Document::from($sheet), Slug::parse($sheet['controller']), $editor);

    return publishNow($sheet['point'], $officer);
}

/**
 * The points that an approval is to publish, each with what its review shows of it, as its page sends them.
 *
 * @return array<string, string>
 */
function chosen(Record $record, string ...$slugs): array
{
    $newest = $record->revisions()->orderByDesc('number')->firstOrFail()->document;
    $touched = app(AffectedPoints::class)->by(
        app(RegistersInForce::class)->registers()->with(Records::read($record->kind, $newest, Digest::of('to be approved')))
    );
    $looked = [];
    foreach ($touched as $each) {
        $looked[$each->point->slug] = (string) $each->looked;
    }

    return [...array_fill_keys($slugs, ''), ...array_intersect_key($looked, array_flip($slugs))];
}

/** @return list<ChosenPoint> the same as the act takes them */
function chosenPoints(Record $record, string ...$slugs): array
{
    $looked = chosen($record, ...$slugs);

    return array_map(static fn (string $slug): ChosenPoint => new ChosenPoint($slug, $looked[$slug]), $slugs);
}

/** The house's rules become these, approved and published. */
function houseSets(array $rules): void
{
    [$runa, $arne] = User::query()->orderBy('id')->limit(2)->get()->all();
    $house = recordOf('rules', 'house');
    foreach ($rules as $place => $value) {
        written($house, $runa, $place, $value);
    }
    app(Approve::class)($house->name(), $arne, newestOf($house), '', chosenPoints($house, 'footer-newsletter'));
}
