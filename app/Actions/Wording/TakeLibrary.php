<?php

declare(strict_types=1);

namespace App\Actions\Wording;

use App\Actions\ActLog;
use App\Actions\ActRefusal;
use App\Actions\Registers\ChangeRecord;
use App\Actions\Registers\Edit;
use App\Actions\Registers\EditKind;
use App\Models\ActKind;
use App\Models\User;
use App\Queries\Registers\RegistersInForce;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Place;
use Juramen\Canon\Refused;
use Juramen\Register\RecordKind;

/** Takes the texts of a file as drafts: all of them, or none. */
final class TakeLibrary
{
    public function __construct(private readonly ReadLibrary $read, private readonly ChangeRecord $change, private readonly ActLog $log) {}

    /**
     * @return int how many texts were taken
     *
     * @throws Refused where the file cannot be read, or any of its texts cannot be taken
     */
    public function __invoke(string $file, User $author): int
    {
        $library = ($this->read)($file);
        $faults = count($library->faults());
        if ($faults > 0) {
            throw Refused::because(ActRefusal::LibraryAtFault, count: $faults === 1 ? 'one text' : "$faults texts");
        }

        return DB::transaction(function () use ($library, $author): int {
            $records = RegistersInForce::records(RecordKind::Statement)->with('newest')->get()->keyBy('slug');
            $taken = 0;
            foreach ($library->changes() as $row) {
                $record = $records->get($row->statement) ?? throw Refused::because(ActRefusal::LibraryAtFault, count: 'one text');
                $place = Place::of('texts', $row->language);
                $changed = $this->change->edit(
                    $record, $author, $record->newest->number ?? 1, new Edit(RecordKind::Statement, EditKind::Set, $place, $row->new)
                );
                $taken += (int) ($changed->revision->document->text($place) === $row->new);
            }

            $this->log->write($author, ActKind::TookFile, 'texts', "$taken taken");

            return $taken;
        }, 3);
    }
}
