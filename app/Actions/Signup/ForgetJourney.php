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
use Juramen\Consent\JourneyState;
use Juramen\Consent\Permission;
use Juramen\Consent\Permissions;
use Juramen\Consent\Reason;
use Juramen\Consent\Through;
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
        $ties = array_filter(
            Permissions::of($chain)->all(), fn (Permission $p): bool => $p->waits() || ($p->everAllowed && ! $this->isNothingElse($p, $journey, $chain))
        );
        // What else hangs on the same consent: through the inbox, through the number.
        $same = array_filter($ties, static fn (Permission $p): bool => $p->pending->has($journey->consent->hex())
            || ($p->stands() && $p->entries[0]->act->journey()?->equals($journey->consent) === true));
        $kept = array_map(static fn (Permission $p): Through => Through::of($p->target->channel), $same);
        [$byNumber, $byMail] = [in_array(Through::Number, $kept, true), in_array(Through::Mail, $kept, true)];
        $isNumber = static fn (StoredDisclosure $row): bool => FieldKinds::disclosedAs(Disclosure::parse($row->text)->name)->meaning() === FieldMeaning::Phone;
        $all = StoredDisclosure::query()->where('subject', $subject->bytes)->orderBy('id')->get();
        $own = $this->entriesOf($journey, $chain);
        $values = $all->filter(static fn (StoredDisclosure $row): bool => ($ties === [] || in_array($row->entry->bytes, $own, true))
            && ! ($isNumber($row) ? $byNumber : $byMail));
        $isAddress = static fn (StoredDisclosure $row): bool => Disclosure::parse($row->text)->name === 'email';
        // Whoever's address is gone is found by it no more.
        $lookups = $all->diff($values)->filter($isAddress)->isEmpty();
        ($this->delete)($held, $how, $why, array_values($values->all()), $lookups);
        $paths = SignupJourney::query()->where('consent', $journey->consent->bytes)->get()
            ->filter(static fn (SignupJourney $j): bool => $j->state->hasEnded() && $j->state !== JourneyState::Confirmed);
        $sent = Delivery::query()->whereIn('journey', $paths->map(static fn (SignupJourney $j): string => $j->id->bytes)->all())
            ->get('id')->map(static fn (Delivery $d): int => $d->id)->all();
        if ($sent !== [] && $this->mailbox->isThere()) {
            ForgetMails::dispatch(array_values($sent));
        }
    }

    /**
     * Whether all that was ever permitted by this was given in somebody else's name, as whoever has the inbox says: that ties us to nobody.
     *
     * @param  list<Entry>  $chain
     */
    private function isNothingElse(Permission $permission, SignupJourney $journey, array $chain): bool
    {
        return $permission->reason === Reason::NotTheirs && array_filter(
            $chain, static fn (Entry $e): bool => $e->act->kind() === EntryKind::Given && $e->act->journey()?->equals($journey->consent) === false
        ) === [];
    }

    /**
     * @param  list<Entry>  $chain
     * @return list<string> ids of the consents that the journey began with
     */
    private function entriesOf(SignupJourney $journey, array $chain): array
    {
        $of = array_filter(
            $chain, static fn (Entry $e): bool => $e->act->kind() === EntryKind::Given && $e->act->journey()?->equals($journey->consent) === true
        );

        return array_values(array_map(static fn (Entry $e): string => $e->id->bytes, $of));
    }
}
