<?php

declare(strict_types=1);

namespace App\Actions\Consent;

use App\Actions\Ledger\Append;
use App\Actions\Ledger\HeldChain;
use App\Actions\Screening\CountNearby;
use App\Casts\Instants;
use App\Models\ContactPoint;
use App\Models\KeptFile;
use App\Models\KnownSignup;
use App\Models\StoredDisclosure;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Id;
use Juramen\Consent\Acts\Erased;
use Juramen\Consent\How;
use Juramen\Log\Disclosure;
use Juramen\Register\EmailAddress;

/** The one way in which personal values of entries are deleted: with an entry that says which, in the same transaction. */
final class DeleteValues
{
    public function __construct(private readonly Append $append, private readonly CountNearby $nearby, private readonly SystemClock $clock) {}

    /**
     * @param  string  $why  see new Erased()
     * @param  list<StoredDisclosure>  $values
     * @param  bool  $lookups  whether the person is to be found by no address any more
     * @return int how many values were deleted
     */
    public function __invoke(HeldChain $chain, How $how, string $why, array $values, bool $lookups): int
    {
        if ($values !== []) {
            ($this->append)($chain, new Erased($this->clock->instant(), $how, $why, array_map(static fn (StoredDisclosure $d) => $d->digest, $values)));
            KeptFile::query()->whereIn('entry', array_map(static fn (StoredDisclosure $d): string => $d->entry->bytes, $values))->delete();
            StoredDisclosure::query()->whereIn('id', array_map(static fn (StoredDisclosure $d): int => $d->id, $values))->delete();
        }
        if ($lookups) {
            foreach ($values as $value) {
                $said = Disclosure::parse($value->text);
                $said->name === 'email' ? $this->nearby->forget(EmailAddress::parse($said->value)) : null;
            }
            $this->contactPoints($chain->subject)->delete();
            KnownSignup::query()->whereRelation('subscriber', 'subject', $chain->subject->bytes)->delete();
        }

        return count($values);
    }

    /** Notes that whoever is behind the subject's addresses is to be left alone; this outlives the addresses. */
    public function leaveAlone(Id $subject): void
    {
        $now = Instants::write($this->clock->instant());
        $rows = $this->contactPoints($subject)->get()->map(static fn (ContactPoint $c): array => ['lookup' => $c->lookup->bytes, 'since' => $now])->all();
        DB::table('do_not_contact')->upsert($rows, ['lookup'], ['since']);
    }

    /** A new consent of the person's own ends being left alone. */
    public function welcomeBack(Id $subject): void
    {
        $lookups = $this->contactPoints($subject)->get()->map(static fn (ContactPoint $c): string => $c->lookup->bytes)->all();
        DB::table('do_not_contact')->whereIn('lookup', $lookups)->delete();
    }

    /** @return \Illuminate\Database\Eloquent\Builder<ContactPoint> */
    private function contactPoints(Id $subject): \Illuminate\Database\Eloquent\Builder
    {
        return ContactPoint::query()->whereIn('subscriber_id', static fn ($q) => $q->select('id')->from('subscribers')->where('subject', $subject->bytes));
    }
}
