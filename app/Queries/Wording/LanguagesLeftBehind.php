<?php

declare(strict_types=1);

namespace App\Queries\Wording;

use App\Models\ApprovedEdition;
use App\Models\Record;
use Illuminate\Support\Collection;
use Juramen\Register\RecordKind;
use Juramen\Wording\LanguagesBehind;
use Juramen\Wording\Statement;

/** Statements that say something else in some languages since others were changed. */
final class LanguagesLeftBehind
{
    /** @return list<LeftBehind> by the statements' names */
    public function __invoke(): array
    {
        $records = Record::query()->where('kind', RecordKind::Statement)->whereNull('retired_at')->with('editions')->orderBy('slug')->get();

        return array_values($records->map(static fn (Record $r): LeftBehind => new LeftBehind($r, self::of($r->editions)->languages()))
            ->filter(static fn (LeftBehind $l): bool => $l->languages !== [])->all());
    }

    /** @param  Collection<int, ApprovedEdition>  $editions */
    public static function of(Collection $editions): LanguagesBehind
    {
        return $editions->sortBy('number')->reduce(
            static fn (LanguagesBehind $so, ApprovedEdition $e): LanguagesBehind => $so->after(Statement::from($e->document())->texts, $e->fitting()),
            LanguagesBehind::none(),
        );
    }
}
