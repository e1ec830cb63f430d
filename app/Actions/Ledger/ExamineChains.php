<?php

declare(strict_types=1);

namespace App\Actions\Ledger;

use App\Actions\Consent\ProjectPermissions;
use App\Models\CurrentPermission;
use App\Models\Subscriber;
use App\Support\KeyStore;
use App\Support\SystemClock;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use InvalidArgumentException;
use Juramen\Canon\Digest;
use Juramen\Consent\Entry;
use Juramen\Consent\EntryKind;
use Juramen\Consent\Erasures;
use Juramen\Consent\Permissions;
use Juramen\Log\Disclosure;
use Juramen\Register\EmailAddress;
use Juramen\Register\InvalidEmailAddress;

/**
 * Looks at whole chains and everything that hangs on them: that each entry follows on the one before and none is dated ahead, that
 * every personal value is this subject's own and none is gone without an entry, that the person is found by the address
 * that was given, and that what is permitted is what the chain says.
 */
final class ExamineChains
{
    /** Seconds that the clocks of several machines may differ. */
    private const CLOCKS_DIFFER = 120;

    public function __construct(private readonly ProjectPermissions $project, private readonly KeyStore $keys, private readonly SystemClock $clock) {}

    /**
     * @param  list<Chain>  $given
     * @return list<Fault>
     */
    public function __invoke(array $given): array
    {
        $chains = [];
        foreach ($given as $each) {
            $chains[$each->subject->bytes] = $each->entries;
        }
        $subjects = array_map(strval(...), array_keys($chains));
        $subscribers = Subscriber::query()->with('controller', 'contactPoints')->whereIn('subject', $subjects)->get()
            ->keyBy(static fn (Subscriber $s): string => $s->subject->bytes);
        $disclosures = DB::table('disclosures')->whereIn('subject', $subjects)->orderBy('id')->get()->groupBy('subject');
        $strays = $this->strays($chains);
        $permissions = CurrentPermission::query()->whereIn('subscriber_id', $subscribers->pluck('id'))->get()->toBase()->groupBy('subscriber_id');
        $faults = [];
        foreach ($chains as $subject => $chain) {
            $subject = (string) $subject;
            array_push($faults, ...$this->order($chain), ...$this->values($chain, $disclosures->get($subject, new Collection)), ...($strays[$subject] ?? []));
            $subscriber = $subscribers->get($subject);
            if ($subscriber !== null) {
                array_push($faults, ...$this->lookups($subscriber, $disclosures->get($subject, new Collection)));
                array_push($faults, ...$this->permissions($subscriber, $chain, $permissions->get($subscriber->id, new Collection)));
            } elseif (array_filter($chain, static fn (Entry $e): bool => $e->act->kind() === EntryKind::Given) !== []) {
                $faults[] = new Fault('The person behind this chain is not on record any more', self::about($chain[0]));
            }
        }

        return $faults;
    }

    public static function about(Entry $entry): string
    {
        return $entry->act->point() !== null && ! $entry->act->kind()->isPersons() ? "point {$entry->act->point()}" : "subject {$entry->subject->hex()}";
    }

    /**
     * @param  list<Entry>  $chain
     * @return list<Fault>
     */
    private function order(array $chain): array
    {
        [$faults, $before] = [[], null];
        $ahead = $this->clock->instant()->plusSeconds(self::CLOCKS_DIFFER);
        foreach ($chain as $entry) {
            if (! $entry->follows($before)) {
                $faults[] = new Fault('This entry does not follow on the one before it in its subject\'s chain', self::about($entry), $entry->id->hex());
            }
            if ($entry->recorded->isAfter($ahead) && ($before === null || ! $before->recorded->equals($entry->recorded))) {
                $faults[] = new Fault('This entry is dated ahead of time, '.$entry->recorded->text(), self::about($entry), $entry->id->hex());
            }
            $before = $entry;
        }

        return $faults;
    }

    /**
     * Every value that is kept is one that an entry of this chain was made with, and every one that is not was deleted by an entry.
     *
     * @param  list<Entry>  $chain
     * @param  Collection<int, \stdClass>  $rows
     * @return list<Fault>
     */
    private function values(array $chain, Collection $rows): array
    {
        [$faults, $kept] = [[], []];
        foreach ($rows as $row) {
            $kept[$row->entry][] = $row;
        }
        $erasures = Erasures::of($chain);
        foreach ($chain as $entry) {
            $due = [];
            foreach ($entry->act->personal() as $digest) {
                $due[$digest->bytes] = $digest;
            }
            foreach ($kept[$entry->id->bytes] ?? [] as $row) {
                $digest = self::digestOf($row->text);
                if ($digest === null || ! isset($due[$digest->bytes]) || $digest->bytes !== $row->digest || $erasures->says($entry, $digest)) {
                    $faults[] = new Fault('A personal value is not the one this entry was made with', self::about($entry), $entry->id->hex());
                }
                unset($due[$digest->bytes ?? '']);
            }
            if (array_filter($due, static fn (Digest $d): bool => ! $erasures->says($entry, $d)) !== []) {
                $faults[] = new Fault('A personal value of this entry was deleted, and no entry says so', self::about($entry), $entry->id->hex());
            }
            unset($kept[$entry->id->bytes]);
        }
        foreach (array_keys($kept) as $entry) {
            $faults[] = new Fault('A personal value lies with an entry that is not of this chain', self::about($chain[0]), bin2hex((string) $entry));
        }

        return $faults;
    }

    /**
     * Values of these chains' entries that lie with another subject.
     *
     * @param  array<string, list<Entry>>  $chains
     * @return array<string, list<Fault>>
     */
    private function strays(array $chains): array
    {
        $owners = [];
        foreach ($chains as $subject => $chain) {
            foreach ($chain as $entry) {
                if ($entry->act->personal() !== []) {
                    $owners[$entry->id->bytes] = (string) $subject;
                }
            }
        }
        $faults = [];
        foreach (array_chunk(array_map(strval(...), array_keys($owners)), 2000) as $entries) {
            foreach (DB::table('disclosures')->whereIn('entry', $entries)->get(['entry', 'subject']) as $row) {
                if ($row->subject !== $owners[$row->entry]) {
                    $owner = $owners[$row->entry];
                    $says = 'A personal value of this entry lies with another subject, '.bin2hex($row->subject);
                    $faults[$owner][] = new Fault($says, 'subject '.bin2hex($owner), bin2hex($row->entry));
                }
            }
        }

        return $faults;
    }

    /**
     * The person is found by every address that is kept, and by no other.
     *
     * @param  Collection<int, \stdClass>  $rows
     * @return list<Fault>
     */
    private function lookups(Subscriber $subscriber, Collection $rows): array
    {
        $due = [];
        foreach ($rows as $row) {
            $disclosure = self::parsed($row->text);
            try {
                if ($disclosure?->name === 'email') {
                    $due[] = $this->keys->lookup($subscriber->controller->slug, 'email', EmailAddress::parse($disclosure->value)->lookup())->bytes;
                }
            } catch (InvalidEmailAddress) {
                $due[] = 'no address';
            }
        }
        $found = $subscriber->contactPoints->where('kind', 'email')->map(static fn ($c): string => $c->lookup->bytes)->values()->all();

        return array_diff($due, $found) === [] && array_diff($found, $due) === [] ? []
            : [new Fault('This person is not found by the address that was given, or by another', "subject {$subscriber->subject->hex()}")];
    }

    /**
     * @param  list<Entry>  $chain
     * @param  Collection<int, CurrentPermission>  $rows
     * @return list<Fault>
     */
    private function permissions(Subscriber $subscriber, array $chain, Collection $rows): array
    {
        $says = static fn (CurrentPermission $c): string => $c->says();
        $due = array_map($says, $this->project->of($subscriber->id, Permissions::of($chain)));
        $found = $rows->map($says)->values()->all();
        sort($due);
        sort($found);

        return $due === $found ? [] : [new Fault('What is noted as permitted is not what the entries say', "subject {$subscriber->subject->hex()}")];
    }

    private static function digestOf(string $text): ?Digest
    {
        return self::parsed($text)?->digest();
    }

    private static function parsed(string $text): ?Disclosure
    {
        try {
            return Disclosure::parse($text);
        } catch (InvalidArgumentException) {
            return null;
        }
    }
}
