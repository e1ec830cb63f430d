<?php

declare(strict_types=1);

namespace App\Actions\Ledger;

use App\Models\ApprovedEdition;
use App\Models\PublishedEdition;
use App\Support\HouseLook;
use App\Support\Stored;
use Illuminate\Support\Facades\DB;
use InvalidArgumentException;
use Juramen\Canon\Digest;
use Juramen\Canon\Refused;
use Juramen\Consent\Act;
use Juramen\Consent\Acts\Approved;
use Juramen\Consent\Acts\Published;
use Juramen\Consent\Entry;
use Juramen\Consent\EntryKind;
use Juramen\Points\PointEdition;

/**
 * Looks at what evidence rests on besides the entries: editions of points, statements, rules and registers with who decided and when,
 * as their entries say, and the bytes that were frozen for visitors.
 */
final class ExamineEditions
{
    public function __construct(private readonly LedgerTables $ledger) {}

    /** @return list<Fault> of everything there is */
    public function all(): array
    {
        return [...$this->points(null), ...$this->records(null), ...$this->frozen(null)];
    }

    /**
     * Of what a chain names.
     *
     * @param  list<Entry>  $chain
     * @return list<Fault>
     */
    public function namedIn(array $chain): array
    {
        [$points, $records] = [[], []];
        foreach ($chain as $entry) {
            if ($entry->act->edition() !== null) {
                $points[$entry->act->edition()->bytes] = true;
            }
            foreach ($entry->act->answers() as $answer) {
                $records[$answer->edition->bytes] = true;
            }
        }

        return [...$this->points(array_map(strval(...), array_keys($points))), ...$this->records(array_map(strval(...), array_keys($records)))];
    }

    /**
     * @param  list<string>|null  $only  bytes of digests; null for all
     * @return list<Fault>
     */
    private function points(?array $only): array
    {
        $acts = $this->acts(EntryKind::Published, $only);
        [$faults, $html] = [[], []];
        PublishedEdition::query()->with('point')->when($only !== null, static fn ($q) => $q->whereIn('digest', $only))->orderBy('id')->lazyById(100)
            ->each(function (PublishedEdition $row) use (&$acts, &$faults, &$html): void {
                $about = "point {$row->point->slug}";
                $name = "edition {$row->number}";
                $act = $acts[$row->digest->hex()] ?? null;
                unset($acts[$row->digest->hex()]);
                if (! Digest::of($row->bytes)->equals($row->digest)) {
                    $faults[] = new Fault("The bytes of $name are not those that were published", $about);

                    return;
                }
                if ($act === null) {
                    $faults[] = new Fault("No entry says that $name was published", $about);
                } elseif (! $act->subject->equals($row->point->subject) || ! self::saysPublished($act->act, $row)) {
                    $faults[] = new Fault("Who published $name, where or when is not what its entry says", $about, $act->id->hex());
                }
                try {
                    $edition = PointEdition::parse($row->bytes);
                    if ($edition->number !== $row->number || $edition->sheet->draft->point->text !== $row->point->slug) {
                        $faults[] = new Fault("$name stands in another place than it was published for", $about);
                    }
                    foreach (array_filter([$edition->sheet->draft->look->picture, $edition->controller->look->sign]) as $picture) {
                        $html[$picture->digest->bytes] = "$about, $name, an image";
                    }
                    $css = $edition->languages[0]->css->bytes;
                    $letters = HouseLook::lettersOf(Stored::text(DB::table('frozen_bytes')->where('digest', $css)->value('bytes') ?? ''));
                    if ($letters !== null) {
                        $html[$letters->bytes] = "$about, $name, its letters";
                    }
                    foreach ($edition->languages as $frozen) {
                        foreach ($frozen->digests() as $digest) {
                            $html[$digest->bytes] = "$about, $name, {$frozen->language->value}";
                        }
                    }
                } catch (Refused $e) {
                    $faults[] = new Fault("$name cannot be read: {$e->getMessage()}", $about);
                }
            });
        foreach ($only === null ? $acts : [] as $digest => $act) {
            $faults[] = new Fault("An edition that was published is gone, $digest", "point {$act->act->point()}", $act->id->hex());
        }

        return [...$faults, ...$this->unknown('point_editions', $only), ...$this->frozen($html)];
    }

    /**
     * @param  list<string>|null  $only
     * @return list<Fault>
     */
    private function records(?array $only): array
    {
        $acts = $this->acts(EntryKind::Approved, $only);
        $faults = [];
        ApprovedEdition::query()->with('record')->when($only !== null, static fn ($q) => $q->whereIn('digest', $only))->orderBy('id')->lazyById(200)
            ->each(function (ApprovedEdition $row) use (&$acts, &$faults): void {
                $about = "{$row->record->kind->value} {$row->record->slug}";
                $act = $acts[$row->digest->hex()] ?? null;
                unset($acts[$row->digest->hex()]);
                $faults = [...$faults, ...array_filter([
                    Digest::of($row->bytes)->equals($row->digest) ? null
                        : new Fault("The bytes of edition {$row->number} are not those that were approved", $about),
                    $act === null ? new Fault("No entry says that edition {$row->number} was approved", $about) : null,
                    $act === null || self::saysApproved($act->act, $row, $about) ? null
                        : new Fault(
                            "Who approved edition {$row->number}, when, from which day or with which words is not what its entry says", $about, $act->id->hex()
                        ),
                ])];
            });
        foreach ($only === null ? $acts : [] as $digest => $act) {
            $faults[] = new Fault("An edition that was approved is gone, $digest", $act->act instanceof Approved ? $act->act->record : null, $act->id->hex());
        }

        return [...$faults, ...$this->unknown('editions', $only)];
    }

    private static function saysPublished(Act $act, PublishedEdition $row): bool
    {
        return $act instanceof Published && $act->by === "user {$row->published_by}" && $act->occurred->equals($row->published_at);
    }

    private static function saysApproved(Act $act, ApprovedEdition $row, string $record): bool
    {
        return $act instanceof Approved && $act->by === "user {$row->approved_by}" && $act->record === $record && $act->effective === $row->effective
            && $act->comment === $row->comment && $act->occurred->equals($row->approved_at);
    }

    /**
     * @param  list<string>|null  $only
     * @return list<Fault>
     */
    private function unknown(string $table, ?array $only): array
    {
        if ($only === null) {
            return [];
        }
        $missing = array_diff($only, Stored::texts(DB::table($table)->whereIn('digest', $only)->pluck('digest')));

        return array_values(
            array_map(static fn (string $digest): Fault => new Fault('An edition that is named is not on record, '.bin2hex($digest)), $missing)
        );
    }

    /**
     * @param  array<string, string>|null  $named  bytes of digests to where they are named; null for every bytes there are
     * @return list<Fault>
     */
    private function frozen(?array $named): array
    {
        $faults = [];
        if ($named === null) {
            foreach (DB::table('frozen_bytes')->orderBy('digest')->lazy(100) as $row) {
                if (! Digest::of($row->bytes)->equals(Digest::fromBytes($row->digest))) {
                    $faults[] = new Fault('Frozen bytes are not what their name says, '.bin2hex($row->digest));
                }
            }

            return $faults;
        }
        foreach (array_chunk(array_map(strval(...), array_keys($named)), 500) as $some) {
            // Compared where they lie, so that not all of them are carried over.
            $whole = Stored::texts(DB::table('frozen_bytes')->whereIn('digest', $some)->whereRaw('UNHEX(SHA2(bytes, 256)) = digest')->pluck('digest'));
            foreach (array_diff($some, $whole) as $digest) {
                $faults[] = new Fault('The form as it was frozen is gone or was changed, '.bin2hex($digest), $named[$digest]);
            }
        }

        return $faults;
    }

    /**
     * @param  list<string>|null  $only  bytes of digests
     * @return array<string, Entry> digest of the edition in hex to the entry that made it
     */
    private function acts(EntryKind $kind, ?array $only): array
    {
        $acts = [];
        $wanted = $only === null ? null : array_fill_keys(array_map(bin2hex(...), $only), true);
        $subjects = match (true) {
            $only === null => DB::table('subjects')->where('kind', $kind === EntryKind::Published ? 'point' : 'record')->pluck('id')->all(),
            $kind === EntryKind::Published => PublishedEdition::query()->whereIn('digest', $only)
                ->join('points', 'points.id', '=', 'point_editions.point_id')->distinct()->pluck('points.subject')->all(),
            default => ApprovedEdition::query()->whereIn('digest', $only)->join('records', 'records.id', '=', 'editions.record_id')
                ->distinct()->pluck('records.subject')->all(),
        };
        foreach ($this->ledger->table('entries')->where('kind', $kind->value)->whereIn('subject', $subjects)->orderBy('position')->pluck('body') as $body) {
            try {
                $entry = Entry::parse(Stored::text($body));
            } catch (InvalidArgumentException) {
                continue;
            }
            $digest = $entry->act->edition()?->hex();
            if ($digest !== null && ($wanted === null || isset($wanted[$digest]))) {
                $acts[$digest] = $entry;
            }
        }

        return $acts;
    }
}
