<?php

declare(strict_types=1);

namespace App\Actions\Wording;

use App\Models\PointEdition;
use App\Models\StatementEdition;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Juramen\Consent\JourneyState;
use Juramen\Wording\Statement;

/** Every statement that was ever published: its editions, where each is used, and how many people agreed to it. */
final class StatementRegister
{
    /** @return list<array{id: string, newest: StatementEdition, statement: Statement, editions: int, points: list<string>, people: int}> */
    public function all(string $search = ''): array
    {
        $rows = [];
        foreach (StatementEdition::query()->with('approver')->orderBy('statement')->orderBy('number')->get()->groupBy('statement') as $id => $editions) {
            $newest = $editions->last();
            $statement = Statement::from(json_decode((string) $newest?->document, true));
            if ($newest === null || ($search !== '' && mb_stripos($id.' '.$statement->purpose.' '.implode(' ', $statement->texts->toArray()), $search) === false)) {
                continue;
            }
            $rows[] = [
                'id' => (string) $id, 'newest' => $newest, 'statement' => $statement, 'editions' => $editions->count(),
                'points' => $this->pointsOf($newest), 'people' => $editions->sum(fn (StatementEdition $e): int => $this->people($e)),
            ];
        }

        return $rows;
    }

    /** @return Collection<int, StatementEdition> newest first */
    public function editions(string $statement): Collection
    {
        return StatementEdition::query()->with('approver')->where('statement', $statement)->orderByDesc('number')->get();
    }

    /** @return list<string> "footer-newsletter, edition 2" for every edition of a point that uses these words */
    public function usedIn(StatementEdition $edition): array
    {
        return array_values($this->using($edition)->map(static fn (PointEdition $row): string => "{$row->point->slug}, edition {$row->number}")->all());
    }

    /** People who agreed to exactly these words and, where it was needed, confirmed. */
    public function people(StatementEdition $edition): int
    {
        return DB::table('journeys')->whereIn('point_edition_id', $this->using($edition)->pluck('id'))->where('state', JourneyState::Confirmed->value)->distinct()->count('subscriber_id');
    }

    /** @return list<string> points whose edition in force uses these words */
    private function pointsOf(StatementEdition $edition): array
    {
        return array_values($this->using($edition)->filter(static fn (PointEdition $row): bool => $row->number === (int) PointEdition::query()->where('point_id', $row->point_id)->max('number'))
            ->map(static fn (PointEdition $row): string => $row->point->slug)->unique()->all());
    }

    /** @return Collection<int, PointEdition> editions whose canonical JSON names the digest of these words */
    private function using(StatementEdition $edition): Collection
    {
        return PointEdition::query()->with('point')->where('bytes', 'like', '%"edition":"'.$edition->digest->hex().'"%')->orderBy('point_id')->orderBy('number')->get();
    }
}
