<?php

declare(strict_types=1);

namespace App\Actions\Upkeep;

use App\Actions\Consent\DeleteValues;
use App\Actions\Ledger\Append;
use App\Actions\Ledger\LedgerTables;
use App\Casts\Instants;
use App\Models\StoredDisclosure;
use App\Models\Subscriber;
use App\Queries\Registers\RegistersInForce;
use App\Support\PublishedForms;
use App\Support\QuietReport;
use App\Support\Stored;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Instant;
use Juramen\Consent\Acts\Given;
use Juramen\Consent\Entry;
use Juramen\Consent\How;
use Juramen\Consent\Permission;
use Juramen\Consent\Permissions;
use Juramen\Consent\Reason;
use Juramen\Points\Registers;
use Juramen\Register\Audience;
use Juramen\Register\Channel;
use Juramen\Register\Regime;
use Throwable;

/**
 * Deletes the details of people whose last permission ended longer ago than the registers say: until then they are kept as proof only
 * (GDPR Art. 17(3)(b), (e)). The keyed digest by which they are left alone stays.
 */
final class DeletePast
{
    /** People looked at in one run. */
    private const MOST = 500;

    /** Years for which consent to calls is documented in Germany, from consent and from each use. Source: UWG 7a. */
    private const GERMAN_CALLS = 5;

    public function __construct(
        private readonly Append $append,
        private readonly LedgerTables $ledger,
        private readonly DeleteValues $delete,
        private readonly RegistersInForce $inForce,
        private readonly PublishedForms $published,
        private readonly CountDeletions $count,
        private readonly SystemClock $clock,
    ) {}

    /** @return int of how many people details were deleted */
    public function __invoke(): int
    {
        $registers = $this->inForce->registers();
        $count = 0;
        foreach ($this->candidates($registers) as $id) {
            try {
                $count += DB::transaction(fn (): int => $this->delete($id, $registers), 5);
            } catch (Throwable $e) {
                QuietReport::write($e);
            }
        }
        $this->count->add('people past their time', $count);

        return $count;
    }

    /**
     * People of whom details are kept, to whom nothing is permitted and nothing waits, whose last permission ended before the
     * shortest time that any register sets, or whose last sign-up was never confirmed where there was none.
     *
     * @return list<int>
     */
    private function candidates(Registers $registers): array
    {
        $shortest = $registers->house->keptUntil(null, $now = $this->clock->instant());
        foreach ($registers->purposes->all() as $purpose) {
            $shortest = Instant::earlier($shortest, $registers->house->keptUntil($purpose, $now));
        }
        $seconds = $shortest->utc->getTimestamp() - $now->utc->getTimestamp();

        return array_map(Stored::number(...), array_values(DB::table('permissions')->join('subscribers', 'subscribers.id', '=', 'permissions.subscriber_id')
            ->whereExists(static fn ($q) => $q->from('disclosures')->whereColumn('disclosures.subject', 'subscribers.subject'))
            ->groupBy('subscriber_id')->havingRaw(
                'SUM(allowed) = 0 AND SUM(reason = ?) = 0 AND MAX(COALESCE(ended, since)) < ?',
                [Reason::AwaitingConfirmation->value, Instants::write($now->plusSeconds(-$seconds))]
            )
            ->orderBy('subscriber_id')->limit(self::MOST)->pluck('subscriber_id')->all()));
    }

    private function delete(int $id, Registers $registers): int
    {
        $subscriber = Subscriber::query()->findOrFail($id);
        $held = $this->append->hold($subscriber->subject);
        $chain = $this->ledger->chain($subscriber->subject);
        $until = $this->keptUntil($chain, $registers);
        if ($until === null || ! $this->clock->instant()->isAfter($until)) {
            return 0;
        }
        $this->delete->leaveAlone($subscriber->subject);
        $values = array_values(StoredDisclosure::query()->where('subject', $subscriber->subject->bytes)->get()->all());
        ($this->delete)($held, How::Clock, 'retention', $values, lookups: true);

        return 1;
    }

    /**
     * @param  list<Entry>  $chain
     * @return Instant|null null while anything is permitted or waits
     */
    private function keptUntil(array $chain, Registers $registers): ?Instant
    {
        $until = null;
        foreach (Permissions::of($chain)->all() as $permission) {
            if ($permission->allowed() || $permission->waits() || $permission->since === null) {
                return null;
            }
            $ended = $permission->endedAt() ?? $permission->since;
            $kept = $registers->house->keptUntil($registers->purposes->get($permission->target->purpose), $ended);
            if ($this->isGermanCall($permission, $chain)) {
                $kept = Instant::later($kept, Instant::of($ended->utc->modify('+'.self::GERMAN_CALLS.' years')));
            }
            $until = $until === null ? $kept : Instant::later($until, $kept);
        }

        return $until;
    }

    /**
     * Whether consent to calls was asked of people in Germany, or of nobody knows whom, at any time.
     *
     * @param  list<Entry>  $chain
     */
    private function isGermanCall(Permission $permission, array $chain): bool
    {
        if ($permission->target->channel !== Channel::Phone || ! $permission->everAllowed) {
            return false;
        }
        $is = $permission->target->equals(...);
        foreach ($chain as $entry) {
            if ($entry->act instanceof Given && array_filter($entry->act->targets, $is) !== []
                && Audience::from($this->published->edition($entry->act->edition)->sheet->draft->countries)->isUnder(Regime::Germany)) {
                return true;
            }
        }

        return false;
    }
}
