<?php

declare(strict_types=1);

namespace App\Actions\Registers;

use App\Models\Edition;
use App\Models\Record;
use App\Models\RecordKind;
use App\Support\SystemClock;
use Illuminate\Database\Eloquent\Builder;
use Juramen\Canon\Digest;
use Juramen\Canon\InvalidDocument;
use Juramen\Points\Registers;
use Juramen\Register\Controller;
use Juramen\Register\HouseRules;
use Juramen\Register\Processor;
use Juramen\Register\Purpose;
use Juramen\Wording\Statement;

/** Reads the registers as they are in force on a day: of each record the newest approved edition that has begun; its draft where none was ever approved. */
final class InForce
{
    public function __construct(private readonly SystemClock $clock) {}

    /** @param  string|null  $day  like 2026-11-25; today where none is given */
    public function registers(?string $day = null): Registers
    {
        $day ??= $this->clock->instant()->utc->format('Y-m-d');
        [$of, $drafts] = [['statement' => [], 'controller' => [], 'purpose' => [], 'processor' => []], []];
        $house = new HouseRules;
        $editions = Edition::query()->where('effective', '<=', $day)
            ->whereRaw('number = (SELECT MAX(e.number) FROM editions e WHERE e.record_id = editions.record_id AND e.effective <= ?)', [$day])->get()->keyBy('record_id');
        foreach (Record::query()->where('kind', '!=', RecordKind::Sheet->value)->whereNull('retired_at')->with('newest')->orderBy('slug')->get() as $record) {
            $edition = $editions->get($record->id);
            $document = $edition?->document() ?? $record->newest?->document;
            if ($document === null) {
                continue;
            }
            if ($edition === null) {
                $drafts[] = "{$record->kind->value} {$record->slug}";
            }
            $made = self::read($record->kind, $document, $edition?->digest);
            if ($made instanceof HouseRules) {
                $house = $made;
            } else {
                $of[$record->kind->value][$record->slug] = $made;
            }
        }

        return new Registers($house, $of['controller'], $of['purpose'], $of['statement'], $of['processor'], $drafts);
    }

    /** The edition of a record in force on a day. */
    public function edition(Record $record, ?string $day = null): ?Edition
    {
        return $record->editions()->where('effective', '<=', $day ?? $this->clock->instant()->utc->format('Y-m-d'))->orderByDesc('number')->first();
    }

    /**
     * What a record's document says, as the core reads it.
     *
     * @param  array<string, mixed>  $document
     *
     * @throws InvalidDocument
     */
    public static function read(RecordKind $kind, array $document, ?Digest $edition = null): HouseRules|Controller|Purpose|Statement|Processor
    {
        return match ($kind) {
            RecordKind::Statement => $edition === null ? Statement::from($document) : Statement::from($document)->madeOf($edition),
            RecordKind::Controller => Controller::from($document),
            RecordKind::Purpose => Purpose::from($document),
            RecordKind::Processor => Processor::from($document),
            RecordKind::Rules => HouseRules::from($document),
            RecordKind::Sheet => throw new InvalidDocument('A sheet is read with the registers, not among them.'),
        };
    }

    /**
     * Refuses what may not be written, or, whole, what may not be approved. Apart from reading: what is on record stays readable.
     *
     * @param  array<string, mixed>  $document
     *
     * @throws InvalidDocument
     */
    public static function check(RecordKind $kind, array $document, bool $whole = false): void
    {
        $thing = self::read($kind, $document);
        if ($thing instanceof Controller || $thing instanceof Processor) {
            $thing->check($whole);
        }
    }

    /** @return Builder<Record> records of a kind that are not retired, by name */
    public static function records(RecordKind $kind): Builder
    {
        return Record::query()->where('kind', $kind)->whereNull('retired_at')->orderBy('slug');
    }
}
