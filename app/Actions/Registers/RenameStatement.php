<?php

declare(strict_types=1);

namespace App\Actions\Registers;

use App\Actions\ActLog;
use App\Actions\ActRefusal;
use App\Casts\Instants;
use App\Models\ActKind;
use App\Models\Record;
use App\Models\User;
use App\Queries\Registers\RegistersInForce;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Refused;
use Juramen\Register\RecordKind;

/**
 * What a statement is called here. Nothing that people agreed to changes by it, so nobody approves it and no point is published for it: its
 * id stays what entries and editions name.
 */
final class RenameStatement
{
    public const LONGEST = 100;

    public function __construct(private readonly RegistersInForce $inForce, private readonly ActLog $log, private readonly SystemClock $clock) {}

    /** @throws Refused where it is no name, or another statement is called so */
    public function __invoke(Record $record, string $name, User $by): void
    {
        $name = trim((string) preg_replace('/[\s\x00-\x1f]+/u', ' ', mb_scrub($name, 'UTF-8')));
        $ground = match (true) {
            $record->kind !== RecordKind::Statement => ActRefusal::StatementsRenamed,
            $record->retired_at !== null => ActRefusal::Retired,
            $name === '' || mb_strlen($name) > self::LONGEST => ActRefusal::NameNeeded,
            default => null,
        };
        if ($ground !== null) {
            throw Refused::because($ground, most: self::LONGEST);
        }
        DB::transaction(function () use ($record, $name, $by): void {
            $held = Record::query()->where('kind', RecordKind::Statement)->orderBy('id')->lockForUpdate()->get();
            $was = $held->firstOrFail('id', $record->id)->called();
            if ($was === $name) {
                return;
            }
            $taken = $held->contains(static fn (Record $other): bool => $other->id !== $record->id && mb_strtolower($other->called()) === mb_strtolower($name));
            if ($taken) {
                throw Refused::because(ActRefusal::NameTaken, noun: $record->kind->noun(), name: $name);
            }
            Record::query()->whereKey($record->id)->update(['name' => $name, 'named_at' => Instants::write($this->clock->instant())]);
            $this->log->write($by, ActKind::Renamed, $record->name()->text(), "was “{$was}”");
            $this->inForce->forget();
        }, 3);
    }
}
