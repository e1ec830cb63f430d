<?php

declare(strict_types=1);

namespace App\Actions\Consent;

use App\Actions\Ledger\LedgerTables;
use App\Models\StoredDisclosure;
use App\Support\Stored;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\ById;
use Juramen\Canon\Id;
use Juramen\Consent\Entry;
use Juramen\Consent\OwnValues;
use Juramen\Consent\Reason;
use Juramen\Log\Disclosure;

/** Reads personal values where they are kept, beside the ledger. */
final class PersonalValues
{
    public function __construct(private readonly LedgerTables $ledger) {}

    /**
     * @param  list<Entry>|null  $chain  of this subject, where it was read already
     * @return ById<Disclosure> by name, the newest of each that is this subject's own and still kept, see OwnValues
     */
    public function newestOf(Id $subject, ?array $chain = null): ById
    {
        $own = OwnValues::of($chain ?? $this->ledger->chain($subject));
        $rows = StoredDisclosure::query()->where('subject', $subject->bytes)->orderBy('id')->get()
            ->filter(static fn (StoredDisclosure $row): bool => $own->hasId($row->entry->hex()));

        return ById::of(
            array_values($rows->map(static fn (StoredDisclosure $row): Disclosure => Disclosure::parse($row->text))->all()),
            static fn (Disclosure $d): string => $d->name
        );
    }

    /**
     * @param  list<Id>  $subjects
     * @return ById<Disclosure> by subject in hex, the newest address of those to whom something is permitted or waits; the addresses
     *                          of others are kept as proof, and stand in no list
     */
    public function addressesOf(array $subjects): ById
    {
        $addresses = ById::none();
        $used = DB::table('permissions')->join('subscribers', 'subscribers.id', '=', 'permissions.subscriber_id')
            ->whereIn('subject', array_map(static fn (Id $s): string => $s->bytes, $subjects))
            ->where(static fn ($q) => $q->where('allowed', true)->orWhereIn('reason', [Reason::AwaitingConfirmation->value, Reason::Suspended->value]))
            ->distinct()->pluck('subject')->all();
        foreach (StoredDisclosure::query()->whereIn('subject', $used)->orderBy('id')->get() as $row) {
            $disclosure = Disclosure::parse($row->text);
            if ($disclosure->name === 'email') {
                $addresses = $addresses->with($row->subject->hex(), $disclosure);
            }
        }

        return $addresses;
    }

    /** @return list<Disclosure> that belong to one entry and are still kept; whoever shows them asks OwnValues first */
    public function ofEntry(Id $entry): array
    {
        return array_map(Disclosure::parse(...), Stored::texts(StoredDisclosure::query()->where('entry', $entry->bytes)->orderBy('id')->pluck('text')));
    }
}
