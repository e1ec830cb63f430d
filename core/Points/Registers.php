<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\ById;
use Juramen\Canon\DraftRefusal;
use Juramen\Canon\Refused;
use Juramen\Canon\Slug;
use Juramen\Register\AppliedRule;
use Juramen\Register\Channel;
use Juramen\Register\ContactList;
use Juramen\Register\Controller;
use Juramen\Register\Departure;
use Juramen\Register\Destination;
use Juramen\Register\HouseRules;
use Juramen\Register\LegalBasis;
use Juramen\Register\PointRules;
use Juramen\Register\Processor;
use Juramen\Register\Purpose;
use Juramen\Register\RecordName;
use Juramen\Register\Registered;
use Juramen\Register\Rule;
use Juramen\Wording\Fillings;
use Juramen\Wording\MailWording;
use Juramen\Wording\Statement;
use Juramen\Wording\Unfilled;

/**
 * The registers at one moment. A sheet names statements and departs from rules; with the registers it becomes whole: its
 * statements with their words, placeholders filled, and its rules with what the house and its visitors' law demand.
 */
final readonly class Registers
{
    /**
     * @param  ById<Controller>  $controllers
     * @param  ById<Purpose>  $purposes
     * @param  ById<Statement>  $statements  the edition in force of each, or its draft where none was ever approved
     * @param  ById<Processor>  $processors
     * @param  ById<MailWording>  $mails
     * @param  ById<ContactList>  $lists
     * @param  ById<Destination>  $destinations
     * @param  list<RecordName>  $drafts  what was never approved and is here only so that it can be written with
     */
    private function __construct(
        public HouseRules $house, public ById $controllers, public ById $purposes, public ById $statements, public ById $processors, public ById $mails,
        public ById $lists, public ById $destinations, private array $drafts
    ) {}

    /**
     * @param  iterable<Registered>  $entries  in the order of their names; house rules of ours where there are none
     * @param  list<RecordName>  $drafts  those of them that were never approved
     */
    public static function of(iterable $entries, array $drafts = []): self
    {
        $none = ById::none();
        $registers = new self(HouseRules::toStartWith(), $none, $none, $none, $none, $none, $none, $none, $drafts);
        foreach ($entries as $entry) {
            $registers = $registers->and($entry, $drafts);
        }

        return $registers;
    }

    /** The same with one of them changed, as if it were approved, to see what would come of it. */
    public function with(Registered $changed): self
    {
        $name = $changed->recordName();

        return $this->and($changed, array_values(array_filter($this->drafts, static fn (RecordName $draft): bool => ! $draft->equals($name))));
    }

    /** @param  list<RecordName>  $drafts */
    private function and(Registered $changed, array $drafts): self
    {
        return new self(
            $changed instanceof HouseRules ? $changed : $this->house,
            $changed instanceof Controller ? $this->controllers->with($changed->id, $changed) : $this->controllers,
            $changed instanceof Purpose ? $this->purposes->with($changed->id, $changed) : $this->purposes,
            $changed instanceof Statement ? $this->statements->with($changed->id, $changed) : $this->statements,
            $changed instanceof Processor ? $this->processors->with($changed->id, $changed) : $this->processors,
            $changed instanceof MailWording ? $this->mails->with($changed->id, $changed) : $this->mails,
            $changed instanceof ContactList ? $this->lists->with($changed->id, $changed) : $this->lists,
            $changed instanceof Destination ? $this->destinations->with($changed->id, $changed) : $this->destinations,
            $drafts,
        );
    }

    /**
     * What fills the words of a sheet and was never approved: its controller, the purposes of its statements, the recipients
     * they name, the house rules, the statements themselves.
     *
     * @return list<RecordName>
     */
    public function draftsBehind(Sheet $sheet): array
    {
        $behind = ['rules house' => true, "controller {$sheet->draft->controller}" => true];
        foreach ($sheet->statements as $statement) {
            $purpose = $this->purpose($statement->purpose);
            foreach ([$statement, $purpose, ...$this->recipients($purpose)] as $entry) {
                $behind[$entry->recordName()->text()] = true;
            }
        }

        return array_values(array_filter($this->drafts, static fn (RecordName $draft): bool => isset($behind[$draft->text()])));
    }

    public function isDraft(RecordName $name): bool
    {
        return array_filter($this->drafts, $name->equals(...)) !== [];
    }

    /** @throws Refused where there is none */
    public function controller(string|Slug $id): Controller
    {
        return $this->controllers->get($id) ?? throw Refused::because(DraftRefusal::NoSuchController, id: $id);
    }

    /** @throws Refused where there is none */
    public function purpose(string|Slug $id): Purpose
    {
        return $this->purposes->get($id) ?? throw Refused::because(DraftRefusal::NoSuchPurpose, id: $id);
    }

    /** @throws Refused where there is none, or it is retired */
    public function statement(string|Slug $id): Statement
    {
        return $this->statements->get($id) ?? throw Refused::because(DraftRefusal::NoSuchStatement, id: $id);
    }

    /**
     * A sheet made whole: what its form would be if it were published now.
     *
     * @throws Refused where it names what is not in the registers
     */
    public function complete(SheetDraft $draft): Sheet
    {
        $statements = [];
        foreach ($draft->controls as $control) {
            $id = $control->statement;
            $statement = $this->statement($id);
            $purpose = $this->purpose($statement->purpose);
            if ($purpose->basis !== LegalBasis::Consent) {
                throw Refused::because(DraftRefusal::NotForConsent, id: $id, basis: $purpose->basis->says());
            }
            $statements[] = $this->fillings($purpose->id)->fill($statement);
        }

        // A reminder for which the time to confirm leaves no room is left out.
        return new Sheet($draft, $statements, PointRules::of($this->applied($draft))->withoutLateReminder(), $this->mailsOf($draft->controller), $this->house);
    }

    /** @return list<MailWording> how a controller words its mails, as far as that was approved */
    public function mailsOf(Slug $controller): array
    {
        return $this->mails->filter(fn (MailWording $m): bool => $m->controller->equals($controller) && ! $this->isDraft($m->recordName()))->all();
    }

    /**
     * Refuses departures that do not fit together with the rules they leave standing.
     *
     * @throws Refused
     */
    public function checkDepartures(SheetDraft $draft): void
    {
        if (array_filter($draft->departures, static fn (Departure $d): bool => $d->rule === Rule::ReminderDays) !== []) {
            PointRules::of($this->applied($draft))->check();
        }
    }

    /** @return list<AppliedRule> which rule applies to the sheet, and why */
    public function applied(SheetDraft $draft): array
    {
        return AppliedRule::all($this->house, $this->house->audience($draft->countries), $draft->departures);
    }

    /** @return list<Unfilled> placeholders of a statement that cannot be filled */
    public function unfilled(Statement $statement): array
    {
        return $this->fillings($statement->purpose)->missing($statement);
    }

    public function fillings(string|Slug $purpose): Fillings
    {
        $of = $this->purpose($purpose);

        return new Fillings($this->controller($of->controller), $of, $this->recipients($of));
    }

    /** Months after which consent to a purpose by a channel is asked for again; the house's, where the purpose says nothing or is gone. */
    public function refreshMonths(string $purpose, Channel $channel): int
    {
        return ($this->purposes->get($purpose)->refreshMonths ?? 0) ?: $this->house->refreshMonths($channel);
    }

    /**
     * @param  list<Purpose>  $purposes
     * @return list<Processor> that get the details of any of them and work for the controller, under a contract that is on record
     */
    public function processorsOf(array $purposes): array
    {
        $gets = static fn (Processor $p): bool => array_filter($purposes, static fn (Purpose $each): bool => $p->gets($each->id)) !== [];

        return $this->processors->filter(static fn (Processor $p): bool => ! $p->own && trim($p->contract) !== '' && $gets($p))->all();
    }

    /** @return list<Processor> that get the details of this purpose for their own use */
    public function recipients(Purpose $purpose): array
    {
        return $this->processors->filter(static fn (Processor $p): bool => $p->own && $p->gets($purpose->id))->all();
    }
}
