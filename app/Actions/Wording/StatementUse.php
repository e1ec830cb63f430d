<?php

declare(strict_types=1);

namespace App\Actions\Wording;

use App\Actions\Registers\InForce;
use App\Actions\Registers\Touched;
use App\Models\Edition;
use App\Models\PointEdition;
use App\Models\Record;
use App\Models\RecordKind;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Juramen\Consent\JourneyState;

/** Where a statement is used: on which sheets, in which editions of points, and how many people agreed to exactly those words. */
final class StatementUse
{
    public function __construct(private readonly Touched $touched) {}

    /** @return array{sheets: list<array{slug: string, name: string, languages: list<string>}>, editions: array<int, array{points: list<string>, people: int}>} by number of the statement's edition */
    public function of(Record $record): array
    {
        $editions = [];
        foreach ($record->editions()->orderBy('number')->get() as $edition) {
            $editions[$edition->number] = [
                'points' => array_values($this->using($edition)->map(static fn (PointEdition $row): string => "{$row->point->slug}, edition {$row->number}")->all()),
                'people' => $this->people($edition),
            ];
        }

        return ['sheets' => $this->sheets($record->slug), 'editions' => $editions];
    }

    /** People who agreed to exactly these words and, where it was needed, confirmed. */
    public function people(Edition $edition): int
    {
        return DB::table('journeys')->join('journey_answers', 'journey_answers.journey', '=', 'journeys.id')->where('edition', $edition->digest->bytes)
            ->where('state', JourneyState::Confirmed->value)->distinct()->count('subscriber_id');
    }

    /** @return list<array{slug: string, name: string, languages: list<string>}> sheets on which it stands now */
    public function sheets(string $statement): array
    {
        $sheets = [];
        foreach (InForce::records(RecordKind::Sheet)->with('newest')->get() as $record) {
            $document = $record->newest->document ?? [];
            if (in_array($statement, array_column($document['statements'] ?? [], 'id'), true)) {
                $sheets[] = ['slug' => $record->slug, 'name' => $document['name'], 'languages' => $document['languages']];
            }
        }

        return $sheets;
    }

    /** @return array<string, list<string>> edition of a statement, in hex, to the points whose edition in force shows it */
    public function shownAt(): array
    {
        $points = [];
        foreach ($this->touched->published() as $row) {
            foreach (json_decode($row->bytes, true, 64, JSON_THROW_ON_ERROR)['statements'] as $statement) {
                $points[$statement['edition']][] = $row->point->slug;
            }
        }

        return $points;
    }

    /** @return Collection<int, PointEdition> editions whose canonical JSON names the digest of these words */
    private function using(Edition $edition): Collection
    {
        return PointEdition::query()->with('point')->where('bytes', 'like', '%"edition":"'.$edition->digest->hex().'"%')->orderBy('point_id')->orderBy('number')->get();
    }
}
