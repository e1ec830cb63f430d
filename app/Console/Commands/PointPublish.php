<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Points\PublishPoint;
use App\Actions\Points\ReviewPublication;
use App\Models\Point;
use App\Models\User;
use Illuminate\Console\Command;
use Juramen\Canon\Ground;
use Juramen\Canon\Refused;

/** Publishes a signup point as it stands, by the same act and through the same gates as the page. Exits 1 where it is refused, 2 where it could not run. */
final class PointPublish extends Command
{
    protected $signature = 'point:publish {point : short name of the signup point} {--as= : address of the officer who publishes} {--json}';

    protected $description = 'Publishes a signup point, or says why it cannot be';

    public function handle(ReviewPublication $review, PublishPoint $publish): int
    {
        $point = Point::query()->with('record')->where('slug', $this->argument('point'))->first();
        $officer = User::query()->where('email', $this->option('as'))->first();
        if ($point === null || $officer === null) {
            $this->error($point === null ? 'There is no such signup point.' : 'Say with --as= which officer publishes; there is no account of that address.');

            return 2;
        }
        try {
            $edition = $publish($point, $officer, $review->newest($point)->looked());
        } catch (Refused $e) {
            $why = array_map(static fn (Ground $g): string => $g->says(), $e->grounds);
            $this->say(['published' => false, 'why' => $why], $why);

            return 1;
        }
        $this->say(['published' => true, 'edition' => $edition->number, 'digest' => $edition->digest()->hex()], ["Published as edition {$edition->number}."]);

        return 0;
    }

    /**
     * @param  array<string, mixed>  $data
     * @param  list<string>  $lines
     */
    private function say(array $data, array $lines): void
    {
        $this->option('json') ? $this->line((string) json_encode($data, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES))
            : array_walk($lines, fn (string $line) => $this->line($line));
    }
}
