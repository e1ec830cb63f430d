<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Points\PublishPoint;
use App\Actions\Points\ReviewPublication;
use App\Console\Report;
use App\Models\Point;
use App\Models\User;
use Juramen\Canon\Ground;
use Juramen\Canon\Refused;
use RuntimeException;

/** Publishes a signup point as it stands, by the same act and through the same gates as the page. Exits 1 where it is refused, 2 where it could not run. */
final class PointPublish extends Report
{
    protected $signature = 'point:publish {point : short name of the signup point} {--as= : address of the officer who publishes} {--json}';

    protected $description = 'Publishes a signup point, or says why it cannot be';

    public function __construct(private readonly ReviewPublication $review, private readonly PublishPoint $publish)
    {
        parent::__construct();
    }

    protected function report(): int
    {
        $point = Point::query()->with('record')->where('slug', $this->argument('point'))->first()
            ?? throw new RuntimeException('There is no such signup point.');
        $officer = User::query()->where('email', $this->option('as'))->first()
            ?? throw new RuntimeException('Say with --as= which officer publishes; there is no account of that address.');
        try {
            $edition = ($this->publish)($point, $officer, $this->review->newest($point)->looked());
        } catch (Refused $e) {
            $why = array_map(static fn (Ground $g): string => $g->says(), $e->grounds);
            $this->option('json') ? $this->json(['published' => false, 'why' => $why]) : array_walk($why, fn (string $each) => $this->line($each));

            return self::FOUND;
        }
        $this->option('json') ? $this->json(['published' => true, 'edition' => $edition->number, 'digest' => $edition->digest()->hex()])
            : $this->line("Published as edition {$edition->number}.");

        return self::SUCCESS;
    }
}
