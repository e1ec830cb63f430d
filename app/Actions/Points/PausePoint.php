<?php

declare(strict_types=1);

namespace App\Actions\Points;

use App\Actions\Ledger\Append;
use App\Models\Point;
use App\Models\PointEdition as EditionRow;
use App\Models\Role;
use App\Models\User;
use App\Support\PublishedForms;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Audit\Finding;
use Juramen\Canon\InvalidDocument;
use Juramen\Consent\Act;

/**
 * Takes a form off the air at once, without waiting for anybody, and puts it on again as it was. Links in mails go on
 * working. A form whose words have a breach by now is not put on again; a mended edition is published instead.
 */
final class PausePoint
{
    private const SHORTEST_REASON = 15;

    public function __construct(
        private readonly Append $append,
        private readonly ReviewPublication $review,
        private readonly PublishedForms $published,
        private readonly SystemClock $clock,
    ) {}

    /** @throws PublicationRefused */
    public function __invoke(Point $point, User $officer, bool $on, string $reason): void
    {
        DB::transaction(function () use ($point, $officer, $on, $reason): void {
            $this->append->lock($point->subject);
            $now = Point::query()->with('record')->whereKey($point->id)->firstOrFail();
            if (($now->paused_at !== null) === $on) {
                return;
            }
            $edition = EditionRow::query()->with('point.record')->where('point_id', $point->id)->orderByDesc('number')->first();
            $why = match (true) {
                $officer->role !== Role::Officer => 'Officers pause forms.',
                $edition === null => 'It was never published.',
                mb_strlen($reason) < self::SHORTEST_REASON => 'Say in a sentence why, so that somebody else understands it next year.',
                ! $on => $this->breach($edition),
                default => null,
            };
            if ($why !== null) {
                throw new PublicationRefused($why);
            }
            $now->update(['paused_at' => $on ? $this->clock->instant() : null]);
            ($this->append)($point->subject, Act::paused($this->clock->instant(), $point->slug, $on, mb_substr($reason, 0, 500), "user {$officer->id}"));
        }, 3);
        DB::afterCommit(fn () => $this->published->refresh($point->slug));
    }

    private function breach(EditionRow $edition): ?string
    {
        try {
            $breaches = array_values(array_map(static fn (Finding $f): string => $f->notes[0]->result->says, $this->review->again($edition)->uncovered()));
        } catch (InvalidDocument $e) {
            $breaches = [$e->getMessage()];
        }

        return $breaches === [] ? null : "It cannot be put on again as it is: {$breaches[0]} Publish a mended edition; that puts it on.";
    }
}
