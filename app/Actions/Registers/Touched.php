<?php

declare(strict_types=1);

namespace App\Actions\Registers;

use App\Actions\Points\JudgeSheet;
use App\Actions\Points\SheetPage;
use App\Models\Point;
use App\Models\PointEdition as EditionRow;
use Illuminate\Support\Collection;
use Juramen\Audit\Note;
use Juramen\Canon\InvalidDocument;
use Juramen\Points\PointEdition;
use Juramen\Points\Registers;
use Juramen\Points\Sheet;
use Juramen\Points\SheetDifference;
use Juramen\Wording\Difference;

/** Which published points are not what they would be if they were published again, with the registers as given. */
final class Touched
{
    public function __construct(private readonly JudgeSheet $judge, private readonly SheetPage $page) {}

    /**
     * @param  Registers  $registers  as they are, or as they would be
     * @return list<array{point: Point, name: string, edition: int, difference: array<int, list<Difference>>, breaches: list<Note>, problem: string|null}>
     */
    public function by(Registers $registers): array
    {
        $touched = [];
        foreach ($this->published() as $row) {
            $edition = PointEdition::parse($row->bytes);
            $base = ['point' => $row->point, 'name' => $edition->sheet->name, 'edition' => $row->number];
            try {
                $document = $this->again($row, $registers);
                $controller = $registers->controller($edition->sheet->controller);
                $sheet = Sheet::read($document);
                if ($edition->shows($sheet, $controller)) {
                    continue;
                }
                $breaches = SheetPage::uncovered(($this->judge)($sheet, $registers)->breaches(), $this->page->exceptions($row->point));
                $missing = $sheet->missing();
                $touched[] = [...$base, 'difference' => SheetDifference::between($edition->sheet, $sheet, $edition->controller, $controller), 'breaches' => $breaches,
                    'problem' => $missing === [] ? null : 'Words are missing in '.implode(', ', array_unique(array_map(static fn ($l): string => $l->endonym(), $missing))).', which this point offers.'];
            } catch (InvalidDocument $e) {
                $touched[] = [...$base, 'difference' => [], 'breaches' => [], 'problem' => $e->getMessage()];
            }
        }

        return $touched;
    }

    /**
     * The sheet of the edition in force, made whole anew: without what was drafted since.
     *
     * @return array<string, mixed>
     */
    public function again(EditionRow $row, Registers $registers): array
    {
        return $registers->complete($row->point->record->revisions()->where('number', $row->revision)->firstOrFail()->document);
    }

    /** @return Collection<int, EditionRow> the edition in force of every published point */
    public function published(): Collection
    {
        return EditionRow::query()->with('point.record', 'point.controller')
            ->whereRaw('number = (SELECT MAX(e.number) FROM point_editions e WHERE e.point_id = point_editions.point_id)')->get()->sortBy('point.slug')->values();
    }
}
