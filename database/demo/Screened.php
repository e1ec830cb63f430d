<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Casts\Instants;
use App\Models\AssessedSubmission;
use App\Models\PublishedEdition;
use Carbon\CarbonImmutable;
use Juramen\Canon\Instant;
use Juramen\Screening\Band;
use Juramen\Screening\Nearby;
use Juramen\Screening\Puzzled;
use Juramen\Screening\Screen;
use Juramen\Screening\SubmissionFacts;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What screening made of invented submissions of two months: people, hasty ones among them, and bots of several kinds, some of them decided. */
final class Screened
{
    private const PEOPLE = 620;

    private const BOTS = 200;

    public static function load(CarbonImmutable $today): void
    {
        $chance = new Randomizer(new Mt19937(13));
        $editions = PublishedEdition::query()->orderBy('id')->pluck('id')->all();
        $rows = [];
        for ($i = 0; $i < self::PEOPLE + self::BOTS; $i++) {
            $isBot = $i >= self::PEOPLE;
            $facts = $isBot ? self::bot($chance) : self::person($chance);
            $of = (new Screen)->assess($facts);
            // Whoever is put a puzzle comes once more with it solved, or leaves nothing behind; programs seldom do.
            if ($of->band === Band::Puzzle) {
                if ($isBot && $chance->getInt(0, 3) > 0) {
                    continue;
                }
                $of = (new Screen)->assess($facts->puzzled(Puzzled::Solved));
            }
            $held = in_array($of->band, [Band::Hold, Band::Refuse], true);
            $rows[] = [
                'point_edition_id' => $editions[$chance->getInt(0, count($editions) - 1)], 'risk' => $of->risk, 'band' => $of->band->value,
                'assessed_at' => Instants::write(Instant::of($today->subMinutes($chance->getInt(60, 59 * 24 * 60))->toDateTimeImmutable())),
                'signals' => $of->stored(), 'decided' => $held && $of->band === Band::Hold && $chance->getInt(0, 9) > 0
                    ? (($isBot xor $i % 11 === 0) ? 'spam' : 'ham') : null,
            ];
        }
        foreach (array_chunk($rows, 200) as $some) {
            AssessedSubmission::query()->insert($some);
        }
    }

    private static function person(Randomizer $chance): SubmissionFacts
    {
        $seldom = static fn (int $in): bool => $chance->getInt(1, $in) === 1;

        return new SubmissionFacts(
            $seldom(18), $seldom(40) ? 1 : $chance->getInt(5, 300), randomAddress: $seldom(25) ? $chance->getInt(50, 100) / 100 : 0.0,
            randomName: $seldom(120) ? 0.8 : 0.0, spamText: $seldom(90) ? $chance->getInt(25, 60) / 100 : 0.0, links: $seldom(20) ? 2 : 0,
            allOptional: $seldom(6), throwAway: $seldom(60), near: new Nearby($seldom(30) ? 25 : 0)
        );
    }

    private static function bot(Randomizer $chance): SubmissionFacts
    {
        $often = static fn (int $of): bool => $chance->getInt(1, 10) <= $of;

        return new SubmissionFacts(
            $often(2), $often(3) ? $chance->getInt(0, 1) : $chance->getInt(2, 30), throwAway: $often(3), receives: $often(2) ? false : null,
            randomAddress: $often(5) ? $chance->getInt(50, 100) / 100 : 0.0, randomName: $often(4) ? $chance->getInt(60, 100) / 100 : 0.0,
            spamText: $often(6) ? $chance->getInt(25, 90) / 100 : 0.0, links: $chance->getInt(0, 5), allOptional: $often(7),
            near: new Nearby($chance->getInt(0, 30), $chance->getInt(0, 12), $chance->getInt(0, 6), $often(2) ? $chance->getInt(1, 4) : 0)
        );
    }
}
