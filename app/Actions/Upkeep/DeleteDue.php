<?php

declare(strict_types=1);

namespace App\Actions\Upkeep;

use App\Actions\Screening\CountNearby;
use App\Actions\Screening\MailDomains;
use App\Actions\Signup\ForgetEnquiries;
use App\Casts\Instants;
use App\Models\Enquiry;
use App\Support\SystemClock;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\ById;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Points\VisitMark;

/** Deletes what was kept for a time that is over and is no consent: spent marks, held submissions, enquiries, sessions, expired cache. */
final class DeleteDue
{
    private const AT_ONCE = 500;

    public function __construct(
        private readonly CountDeletions $count, private readonly ForgetEnquiries $forget, private readonly SystemClock $clock
    ) {}

    /** @return ById<Deleted> by what it was */
    public function __invoke(): ById
    {
        $now = $this->clock->instant();
        $deleted = [
            // A mark older than a page may lie open is refused for its age; until then it must be known as spent.
            'spent marks' => DB::table('spent_marks')->where('spent_at', '<', Instants::write($now->plusSeconds(-2 * VisitMark::SECONDS)))->delete(),
            'held submissions' => DB::table('held_submissions')->whereNull('decided')->where('deleted_at', '<', Instants::write($now))->delete(),
            'entered with known addresses' => DB::table('known_signups')->where('ends_at', '<', Instants::write($now))->delete(),
            'enquiries' => $this->enquiries($now),
            'sessions' => DB::table('sessions')->where('last_activity', '<', $now->utc->getTimestamp() - 60 * config()->integer('session.lifetime'))->delete(),
            'mailbox counts' => DB::table('mailbox_counts')->where('newest', '<', $now->plusDays(-1)->utc->getTimestamp())->delete(),
            'seen lately' => DB::table('seen_lately')->where('at', '<', $now->plusDays(-CountNearby::DAYS)->utc->getTimestamp())->delete(),
            'mail domains' => DB::table('mail_domains')->where('asked_at', '<', Instants::write($now->plusDays(-MailDomains::DAYS)))->delete(),
            'flood counts' => DB::table('flood')->where('ends', '<', $now->utc->getTimestamp())->delete(),
            'cache' => DB::table('cache')->where('expiration', '<', $now->utc->getTimestamp())->delete(),
        ];
        foreach (['held submissions', 'enquiries'] as $what) {
            $this->count->add($what, $deleted[$what]);
        }

        return ById::of(
            array_map(static fn (string $what, int $n): Deleted => new Deleted($what, $n), array_keys($deleted), $deleted),
            static fn (Deleted $d): string => $d->what
        );
    }

    /** Nothing goes that a person asks for and nobody has answered. */
    private function enquiries(Instant $now): int
    {
        $due = Enquiry::query()->where('deleted_at', '<', Instants::write($now))->whereNotExists(
            static fn (Builder $q) => $q->from('rights_requests')->whereColumn('enquiry_id', 'enquiries.id')->whereNull('answered_at')
        )->orderBy('id')->limit(self::AT_ONCE);
        for ($count = 0; ($ids = $due->get('id')->map(static fn (Enquiry $e): Id => $e->id)->all()) !== [];) {
            $count += ($this->forget)(array_values($ids));
        }

        return $count;
    }
}
