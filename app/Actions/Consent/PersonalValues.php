<?php

declare(strict_types=1);

namespace App\Actions\Consent;

use App\Models\StoredDisclosure;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Id;
use Juramen\Consent\Reason;
use Juramen\Log\Disclosure;

/** Reads personal values where they are kept, beside the ledger. */
final class PersonalValues
{
    /** @return array<string, string> name to the newest value of it that this subject gave and that is still kept */
    public function newestOf(Id $subject): array
    {
        $values = [];
        foreach (StoredDisclosure::query()->where('subject', $subject->bytes)->orderBy('id')->pluck('text') as $text) {
            $disclosure = Disclosure::parse($text);
            $values[$disclosure->name] = $disclosure->value;
        }

        return $values;
    }

    /**
     * @param  list<Id>  $subjects
     * @return array<string, string> subject in hex to the newest address, of those to whom something is permitted or waits; the
     *                               addresses of others are kept as proof, and stand in no list
     */
    public function addressesOf(array $subjects): array
    {
        $addresses = [];
        $used = DB::table('permissions')->join('subscribers', 'subscribers.id', '=', 'permissions.subscriber_id')->whereIn('subject', array_map(static fn (Id $s): string => $s->bytes, $subjects))
            ->where(static fn ($q) => $q->where('allowed', true)->orWhere('reason', Reason::AwaitingConfirmation->value))->distinct()->pluck('subject')->all();
        foreach (StoredDisclosure::query()->whereIn('subject', $used)->orderBy('id')->get() as $row) {
            $disclosure = Disclosure::parse($row->text);
            if ($disclosure->name === 'email') {
                $addresses[$row->subject->hex()] = $disclosure->value;
            }
        }

        return $addresses;
    }

    /** @return list<Disclosure> that belong to one entry and are still kept */
    public function ofEntry(Id $entry): array
    {
        return StoredDisclosure::query()->where('entry', $entry->bytes)->orderBy('id')->pluck('text')->map(Disclosure::parse(...))->values()->all();
    }
}
