<?php

declare(strict_types=1);

namespace App\Pages\Wording;

use App\Pages\Points\ReadWords;
use App\Queries\Wording\StatementStatus;
use App\Support\Moments;
use Juramen\Points\Sentences;
use Juramen\Register\Channel;
use Juramen\Register\Language;

/** A statement in the list of statements. */
final readonly class StatementLine
{
    public const COLUMNS = ['name', 'state', 'points', 'people'];

    public static function sortsBy(StatementStatus $status, string $column): string|int
    {
        return match ($column) {
            'state' => $status->state->value,
            'points' => count($status->points),
            'people' => $status->people->counted,
            default => $status->record->called(),
        };
    }

    /**
     * @param  list<ReadWords>  $words  in each language
     * @param  string  $others  the languages after the first, by their own names
     */
    private function __construct(
        public string $id, public string $name, public string $asks, public array $words, public string $state, public string $edition, public string $points,
        public string $people, public string $others
    ) {}

    /** @param  callable(string): string  $point  the name of a point */
    public static function of(StatementStatus $status, callable $point): self
    {
        $statement = $status->statement;
        $channels = Sentences::listed(array_map(static fn (Channel $c): string => $c->value, $statement->channels));

        return new self(
            $status->record->slug, $status->record->called(), $statement->purpose->spoken()." by $channels",
            array_map(static fn (Language $l): ReadWords => new ReadWords($l->value, $l->endonym(), $statement->words($l)), $statement->texts->languages()),
            $status->state->value,
            $status->edition === null ? 'never approved' : "edition {$status->edition->number}, ".Moments::date($status->edition->approved_at),
            implode('; ', array_map($point, $status->points)) ?: 'nowhere', $status->people->text(),
            implode(', ', array_map(static fn (Language $l): string => $l->endonym(), array_slice($statement->texts->languages(), 1))),
        );
    }
}
