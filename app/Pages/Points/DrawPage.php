<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Models\Draw;
use App\Models\Point;
use App\Support\Moments;
use Juramen\Consent\PrizeDraw;

/** A prize draw as it stands, with all that somebody needs who wants to draw again. */
final readonly class DrawPage
{
    /**
     * @param  string  $next  what can be done now: "close", "draw", "accept", or nothing
     * @param  list<string>  $entries  ids of those that take part
     * @param  string|null  $seed  once it is revealed
     */
    private function __construct(
        public string $slug, public string $name, public string $state, public string $next, public string $commitment, public array $entries,
        public string $digest, public ?string $seed, public ?string $winner, public bool $mayRun
    ) {}

    public static function of(Point $point, Draw $draw, string $name, bool $mayRun): self
    {
        $entries = $draw->takingPart();
        [$next, $state] = match (true) {
            $draw->accepted_at !== null => ['', 'the prize was accepted on '.Moments::date($draw->accepted_at)],
            $draw->drawn_at !== null => ['accept', 'drawn on '.Moments::date($draw->drawn_at)],
            $draw->closed_at !== null => ['draw', 'closed on '.Moments::date($draw->closed_at).', '.count($entries).' take part'],
            default => ['close', 'takes entries since '.Moments::date($draw->begun_at)],
        };

        return new self(
            $point->slug, $name, $state, $next, PrizeDraw::commitment((string) hex2bin($draw->seed))->hex(), $draw->entries,
            $entries === [] ? '' : PrizeDraw::digestOf($entries)->hex(), $draw->drawn_at === null ? null : $draw->seed, $draw->winner?->hex(), $mayRun
        );
    }
}
