<?php

declare(strict_types=1);

namespace App\Queries\Registers;

use App\Models\ApprovedEdition;
use App\Models\Record;
use App\Support\SystemClock;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\ById;
use Juramen\Canon\Day;
use Juramen\Canon\Slug;
use Juramen\Points\Records;
use Juramen\Points\Registers;
use Juramen\Points\SheetDraft;
use Juramen\Register\RecordKind;
use Juramen\Register\Registered;
use Juramen\Wording\Statement;

/**
 * The registers as they are in force on a day: of each record the newest approved edition that has begun; its draft where none was ever
 * approved. Read once a request, and kept beyond by what they were read from: the newest edition, the newest revision, what is retired.
 */
final class RegistersInForce
{
    /** Seconds for which they are kept unread. */
    private const KEPT = 86400;

    /** @var array<string, RegisterShelf> by day */
    private array $read = [];

    public function __construct(private readonly SystemClock $clock) {}

    /** @param  Day|null  $day  today where none is given */
    public function registers(?Day $day = null): Registers
    {
        return $this->shelf($day)->registers;
    }

    /** @return list<SheetOnFile> every sheet as it is drafted now */
    public function sheets(): array
    {
        return $this->shelf()->sheets;
    }

    /** @return list<SheetOnFile> those on which a statement stands now */
    public function sheetsWith(Slug $statement): array
    {
        return array_values(
            array_filter($this->sheets(), static fn (SheetOnFile $s): bool => $s->draft->control($statement) !== null)
        );
    }

    /** What a signup point is called on its sheet; its id where it has none. */
    public function nameOf(string $point): string
    {
        foreach ($this->sheets() as $sheet) {
            if ($sheet->slug === $point) {
                return $sheet->draft->name;
            }
        }

        return $point;
    }

    /** What a statement is called here. */
    public function nameOfStatement(Slug $statement): string
    {
        return $this->shelf()->names[$statement->text] ?? $statement->spoken();
    }

    /**
     * @param  ById<Statement>  $statements
     * @return list<string> what they are called here
     */
    public function namesOf(ById $statements): array
    {
        return array_map(fn (Statement $s): string => $this->nameOfStatement($s->id), $statements->all());
    }

    /** Something was written: what was read is read anew when it is asked for next. */
    public function forget(): void
    {
        $this->read = [];
    }

    /** An edition was approved: what was read goes on with it, on the days on which it holds. */
    public function approved(Registered $entry, Day $from): void
    {
        foreach ($this->read as $day => $shelf) {
            if (! $from->isAfter(Day::parse((string) $day))) {
                $this->read[$day] = new RegisterShelf($shelf->registers->with($entry), $shelf->sheets, $shelf->names);
            }
        }
    }

    /** @return Builder<Record> records of a kind that are not retired, by name */
    public static function records(RecordKind $kind): Builder
    {
        return Record::query()->where('kind', $kind)->whereNull('retired_at')->orderBy('slug');
    }

    private function shelf(?Day $day = null): RegisterShelf
    {
        $day ??= $this->clock->today();

        return $this->read[$day->text] ??= self::kept()
            ->remember('registers 4 '.$this->stamp().' '.$day->text, self::KEPT, fn (): RegisterShelf => $this->read($day));
    }

    /** Computed things lie on this machine; each can be computed again from the database. */
    private static function kept(): Repository
    {
        return Cache::store('computed');
    }

    /** Names the state of all records: also a restored database with the same ids has another newest revision or edition. */
    private function stamp(): string
    {
        $state = DB::selectOne('SELECT (SELECT CONCAT(id, HEX(digest)) FROM editions ORDER BY id DESC LIMIT 1) AS edition,
            (SELECT CONCAT(id, saved_at, record_id, CRC32(document)) FROM revisions ORDER BY id DESC LIMIT 1) AS revision,
            (SELECT CONCAT(COUNT(*), MAX(retired_at)) FROM records WHERE retired_at IS NOT NULL) AS retired,
            (SELECT CONCAT(COUNT(*), MAX(named_at)) FROM records WHERE named_at IS NOT NULL) AS named,
            (SELECT MAX(id) FROM points) AS point');

        return hash('sha256', json_encode($state).config('juramen.release'));
    }

    private function read(Day $day): RegisterShelf
    {
        $editions = ApprovedEdition::query()->where('effective', '<=', $day->text)
            ->whereRaw('number = (SELECT MAX(e.number) FROM editions e WHERE e.record_id = editions.record_id AND e.effective <= ?)', [$day->text])
            ->get()->keyBy('record_id');
        [$entries, $drafts, $sheets, $names] = [[], [], [], []];
        foreach (Record::query()->whereNull('retired_at')->with('newest', 'point')->orderBy('slug')->get() as $record) {
            if ($record->name !== null) {
                $names[$record->slug] = $record->name;
            }
            $edition = $editions->get($record->id);
            $document = $edition?->document() ?? $record->newest?->document;
            if ($document === null) {
                continue;
            }
            if ($record->kind === RecordKind::Sheet) {
                $sheets[] = new SheetOnFile($record->slug, SheetDraft::from($document), $record->point?->subject);

                continue;
            }
            if ($edition === null) {
                $drafts[] = $record->name();
            }
            $entries[] = Records::read($record->kind, $document, $edition?->digest);
        }

        return new RegisterShelf(Registers::of($entries, $drafts), $sheets, $names);
    }
}
