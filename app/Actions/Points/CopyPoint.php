<?php

declare(strict_types=1);

namespace App\Actions\Points;

use App\Actions\Registers\BeginRecord;
use App\Models\Point;
use App\Models\User;
use Juramen\Canon\Place;
use Juramen\Canon\Refused;
use Juramen\Points\SheetDraft;

/**
 * A new signup point that begins with the sheet of another, as it is drafted now. It follows the house: each departure wants a reason of
 * its own, and exceptions hold for what was found, not for what is like it.
 */
final class CopyPoint
{
    public function __construct(private readonly BeginPoint $begin) {}

    /** @throws Refused where the name is no name, or taken */
    public function __invoke(Point $from, string $name, User $author): Point
    {
        $slug = BeginRecord::slug($name);
        $document = $from->record->newestRevision()->document;
        $draft = SheetDraft::from($document);
        $copy = $document->with(Place::of('point'), $slug->text)->with(Place::of('name'), trim($name))->without(Place::of('departures'));

        return $this->begin->put($slug, $copy, $draft->controller, $author, "copied it from “{$draft->name}”");
    }
}
