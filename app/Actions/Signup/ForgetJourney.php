<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Consent\DeleteValues;
use App\Actions\Ledger\HeldChain;
use App\Actions\Ledger\LedgerTables;
use App\Actions\Mailing\Mailbox;
use App\Jobs\ForgetMails;
use App\Models\Delivery;
use App\Models\SignupJourney;
use App\Models\StoredDisclosure;
use Juramen\Consent\Entry;
use Juramen\Consent\EntryKind;
use Juramen\Consent\How;
use Juramen\Consent\Permission;
use Juramen\Consent\Permissions;
use Juramen\Log\Disclosure;
use Juramen\Points\FieldKinds;
use Juramen\Points\FieldMeaning;

/**
 * Deletes what was kept because of a sign-up that ended before it was confirmed: where nothing else ties us to the person, every
 * value and every way to find them; else what this sign-up brought. A number that waits to be confirmed stays.
 */
final class ForgetJourney
{
    public function __construct(private readonly DeleteValues $delete, private readonly LedgerTables $ledger, private readonly Mailbox $mailbox) {}

    /** Inside the transaction that ended it, after the entry that says so. */
    public function __invoke(SignupJourney $journey, HeldChain $held, How $how, string $why): void
    {
        $subject = $held->subject;
        $chain = $this->ledger->chain($subject);
        $ties = array_filter(Permissions::of($chain)->all(), static fn (Permission $p): bool => $p->everAllowed || $p->waits());
        $byMail = array_filter($ties, static fn (Permission $p): bool => ! $p->target->channel->isByNumber());
        $number = array_filter($ties, static fn (Permission $p): bool => $p->pending->has($journey->id->hex()));
        $values = StoredDisclosure::query()->where('subject', $subject->bytes)
            ->when($ties !== [], fn ($q) => $q->whereIn('entry', $this->entriesOf($journey, $chain)))->orderBy('id')->get()
            ->filter(
                static fn (StoredDisclosure $row): bool => $number === []
                    || FieldKinds::disclosedAs(Disclosure::parse($row->text)->name)->meaning() !== FieldMeaning::Phone
            );
        ($this->delete)($held, $how, $why, array_values($values->all()), lookups: $byMail === []);
        $sent = Delivery::query()->where('journey', $journey->id->bytes)->get('id')->map(static fn (Delivery $d): int => $d->id)->all();
        if ($sent !== [] && $this->mailbox->isThere()) {
            ForgetMails::dispatch(array_values($sent));
        }
    }

    /**
     * @param  list<Entry>  $chain
     * @return list<string> ids of the consents that the journey began with
     */
    private function entriesOf(SignupJourney $journey, array $chain): array
    {
        $of = array_filter($chain, static fn (Entry $e): bool => $e->act->kind() === EntryKind::Given && $e->act->journey()?->equals($journey->id) === true);

        return array_values(array_map(static fn (Entry $e): string => $e->id->bytes, $of));
    }
}
