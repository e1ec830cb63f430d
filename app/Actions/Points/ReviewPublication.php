<?php

declare(strict_types=1);

namespace App\Actions\Points;

use App\Actions\Registers\InForce;
use App\Models\Exception as ExceptionRow;
use App\Models\Point;
use App\Models\PointEdition as EditionRow;
use App\Models\Record;
use App\Models\Revision;
use App\Models\User;
use App\Support\SystemClock;
use Juramen\Audit\Finding;
use Juramen\Canon\InvalidDocument;
use Juramen\Points\InvalidSheet;
use Juramen\Points\PointEdition;
use Juramen\Points\Registers;
use Juramen\Points\Sheet;

/** Says what would be published of a signup point, and what speaks against it. */
final class ReviewPublication
{
    public function __construct(private readonly JudgeSheet $judge, private readonly InForce $inForce, private readonly SystemClock $clock) {}

    /**
     * The newest revision of its sheet, made whole by the registers in force.
     *
     * @throws InvalidDocument where no form can be made of it
     */
    public function newest(Point $point): Publication
    {
        $revision = $point->record->revisions()->orderByDesc('number')->firstOrFail();

        return $this->make($point, $this->before($point), $revision, $this->inForce->registers(), $this->writers($point->record, $point->editions()->orderByDesc('number')->first()));
    }

    /**
     * What is in force once more, without what was drafted on the sheet since; whoever wrote in the registers was seen by
     * whoever approved that.
     *
     * @param  Registers|null  $registers  as they would be; those in force where none are given
     *
     * @throws InvalidDocument where no form can be made of it
     */
    public function again(EditionRow $edition, ?Registers $registers = null): Publication
    {
        $revision = $edition->point->record->revisions()->where('number', $edition->revision)->firstOrFail();

        return $this->make($edition->point, PointEdition::parse($edition->bytes), $revision, $registers ?? $this->inForce->registers(), []);
    }

    /**
     * Exceptions of a point that hold for exactly what was found.
     *
     * @param  array<string, Finding>  $findings
     * @return array<string, ExceptionRow>
     */
    public function covering(Point $point, array $findings): array
    {
        $covered = [];
        $rows = ExceptionRow::query()->with('maker')->where('point_id', $point->id)->where('until', '>=', $this->clock->instant()->utc->format('Y-m-d'))->orderBy('id')->get();
        foreach ($rows as $row) {
            $key = "{$row->requirement} {$row->place}";
            if (isset($findings[$key]) && $findings[$key]->digest->equals($row->finding)) {
                $covered[$key] = $row;
            }
        }

        return $covered;
    }

    /** @param  array<int, string>  $writers */
    private function make(Point $point, ?PointEdition $before, Revision $revision, Registers $registers, array $writers): Publication
    {
        $sheet = Sheet::read($registers->complete($revision->document));
        $controller = $registers->controller($point->controller()->firstOrFail()->slug);
        if ($sheet->point !== $point->slug || $sheet->controller !== $controller->id) {
            throw new InvalidSheet("The sheet says it is \"{$sheet->point}\" of \"{$sheet->controller}\", but it belongs to \"{$point->slug}\" of \"{$controller->id}\".");
        }
        $judgement = ($this->judge)($sheet, $registers);
        $findings = Finding::of($sheet, $judgement->notes);

        return new Publication($point, $revision, $before, $sheet, $controller, $registers, $judgement, $findings, $this->covering($point, $findings), $writers);
    }

    private function before(Point $point): ?PointEdition
    {
        $row = $point->editions()->orderByDesc('number')->first();

        return $row === null ? null : PointEdition::parse($row->bytes);
    }

    /** @return array<int, string> */
    private function writers(Record $record, ?EditionRow $last): array
    {
        return User::query()->whereIn('id', $record->writersSince($last->revision ?? 0))->pluck('name', 'id')->all();
    }
}
