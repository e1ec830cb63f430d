<?php

declare(strict_types=1);

namespace App\Actions\Points;

use App\Actions\ActLog;
use App\Actions\ActRefusal;
use App\Actions\Ledger\Append;
use App\Actions\Ledger\HeldChain;
use App\Models\ActKind;
use App\Models\Draw;
use App\Models\Enquiry;
use App\Models\EnquiryState;
use App\Models\Point;
use App\Models\User;
use App\Support\PublishedForms;
use App\Support\SystemClock;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Day;
use Juramen\Canon\Ground;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Canon\Refused;
use Juramen\Consent\Acts\DrawBegun;
use Juramen\Consent\Acts\DrawClosed;
use Juramen\Consent\Acts\Drawn;
use Juramen\Consent\PrizeDraw;
use Juramen\Register\Schema\TextForm;

/** Runs a prize draw: its seed is settled when the form is first published, who takes part after its last day, and the winner by both. */
final class RunDraw
{
    /** Days for which the entries of those who did not win are kept after the prize was accepted. */
    private const KEPT = 30;

    public function __construct(
        private readonly Append $append, private readonly PublishedForms $published, private readonly ActLog $log, private readonly SystemClock $clock
    ) {}

    /** Inside the transaction that publishes the form; once. */
    public function begin(Point $point, HeldChain $chain, User $officer): void
    {
        if (Draw::query()->where('point_id', $point->id)->exists()) {
            return;
        }
        $seed = random_bytes(PrizeDraw::SEED_BYTES);
        $now = $this->clock->instant();
        Draw::query()->create(['point_id' => $point->id, 'seed' => bin2hex($seed), 'begun_at' => $now, 'entries' => []]);
        ($this->append)($chain, new DrawBegun($now, $point->slug, PrizeDraw::commitment($seed), $officer->named()));
    }

    /** @throws Refused where its last day is not over, or it is closed already */
    public function close(Point $point, User $officer): void
    {
        $this->inTurn($point, function (Draw $draw, Instant $now) use ($point, $officer): DrawClosed {
            $edition = $this->published->current($point->slug);
            $this->refuseUnless($draw->closed_at === null, ActRefusal::DrawOutOfTurn);
            $this->refuseUnless($edition !== null && $edition->sheet->draft->opening->isBefore($this->clock->today()), ActRefusal::DrawStillOpen);
            $entries = $this->entriesOf($point);
            $draw->update(['closed_at' => $now, 'entries' => array_map(static fn (Id $id): string => $id->hex(), $entries)]);
            $this->refuseUnless($entries !== [], ActRefusal::DrawWithoutEntries);

            return new DrawClosed($now, $point->slug, PrizeDraw::digestOf($entries), count($entries), $officer->named());
        }, $officer, 'closed');
    }

    /** @throws Refused where it is not closed, or drawn already */
    public function draw(Point $point, User $officer): void
    {
        $this->inTurn($point, function (Draw $draw, Instant $now) use ($point, $officer): Drawn {
            $entries = $draw->takingPart();
            $this->refuseUnless($draw->closed_at !== null && $draw->drawn_at === null && $entries !== [], ActRefusal::DrawOutOfTurn);
            $seed = (string) hex2bin($draw->seed);
            $winner = PrizeDraw::winner($seed, $entries);
            $draw->update(['winner' => $winner, 'drawn_at' => $now]);

            return new Drawn($now, $point->slug, $seed, $winner, $officer->named());
        }, $officer, 'drawn');
    }

    /**
     * The prize was accepted: other entries go thirty days later, the winner's on the day until which accounts need it.
     *
     * @param  string  $until  a day like 2036-12-31
     *
     * @throws Refused where nobody has won, or it is no day, or it is over
     */
    public function accept(Point $point, User $officer, string $until): void
    {
        $keptUntil = TextForm::Day->fault($until) === null ? Day::parse($until) : throw Refused::because(ActRefusal::DrawKeptUntil);
        $this->inTurn($point, function (Draw $draw, Instant $now) use ($point, $keptUntil): null {
            $winner = $draw->winner;
            $this->refuseUnless($winner !== null && $draw->accepted_at === null, ActRefusal::DrawOutOfTurn);
            $this->refuseUnless($keptUntil->isAfter($this->clock->today()), ActRefusal::DrawKeptUntil);
            $draw->update(['accepted_at' => $now]);
            $until = Instant::of(new DateTimeImmutable($keptUntil->text, new DateTimeZone('UTC')));
            $closed = ['state' => EnquiryState::Closed, 'closed_at' => $now];
            foreach ($this->enquiries($point)->get() as $entry) {
                $wins = $winner?->equals($entry->id) === true;
                $entry->update([...$closed, 'deleted_at' => $wins ? $until : $now->plusDays(self::KEPT)]);
            }

            return null;
        }, $officer, 'accepted');
    }

    /** @param  callable(Draw, Instant): (DrawClosed|Drawn|null)  $do  what is entered for it */
    private function inTurn(Point $point, callable $do, User $officer, string $done): void
    {
        DB::transaction(function () use ($point, $do, $officer, $done): void {
            $chain = $this->append->hold($point->subject);
            $draw = Draw::query()->where('point_id', $point->id)->lockForUpdate()->first() ?? throw Refused::because(ActRefusal::NoDraw);
            $act = $do($draw, $this->clock->instant());
            if ($act !== null) {
                ($this->append)($chain, $act);
            }
            $this->log->write($officer, ActKind::RanDraw, $point->slug, $done);
        }, 3);
    }

    /** @return list<Id> one for each address, the first that came */
    private function entriesOf(Point $point): array
    {
        $first = [];
        foreach ($this->enquiries($point)->orderBy('received_at')->orderBy('id')->get() as $entry) {
            $first[$entry->lookup->hex()] ??= $entry->id;
        }

        return array_values($first);
    }

    /** @return Builder<Enquiry> */
    private function enquiries(Point $point): Builder
    {
        return Enquiry::query()->whereRelation('edition', 'point_id', $point->id);
    }

    private function refuseUnless(bool $holds, ActRefusal $refusal): void
    {
        if (! $holds) {
            throw new Refused(new Ground($refusal));
        }
    }
}
