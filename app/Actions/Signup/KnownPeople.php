<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Consent\PersonalValues;
use App\Actions\Delivery\Outbox;
use App\Actions\Ledger\LedgerTables;
use App\Models\Delivery;
use App\Models\DeliveryKind;
use App\Models\KnownSignup;
use App\Models\Subscriber;
use App\Support\PublishedForms;
use App\Support\SystemClock;
use Juramen\Canon\Id;
use Juramen\Consent\Journey;
use Juramen\Consent\Permission;
use Juramen\Consent\Permissions;
use Juramen\Consent\Target;
use Juramen\Points\FieldValue;
use Juramen\Points\Said;
use Juramen\Points\SheetDraft;
use Juramen\Register\Channel;
use Juramen\Register\Language;

/**
 * What happens to the submission of somebody known. What is permitted already is not asked again; details wait until they confirm them; a no
 * ends nothing by itself, since anybody can type an address, and neither does a box left alone. The visitor sees what everybody sees, and
 * whoever has the inbox gets a mail.
 */
final class KnownPeople
{
    public function __construct(
        private readonly LedgerTables $ledger,
        private readonly Outbox $outbox,
        private readonly PersonalValues $personal,
        private readonly PublishedForms $published,
        private readonly SystemClock $clock,
    ) {}

    /** @return list<Target> permitted now */
    public function permitted(Id $subject): array
    {
        $allowed = array_filter(Permissions::of($this->ledger->chain($subject))->all(), static fn (Permission $p): bool => $p->allowed());

        return array_values(array_map(static fn (Permission $p): Target => $p->target, $allowed));
    }

    /**
     * What is left to ask for: statements with those of their channels that are not permitted yet.
     *
     * @param  list<Target>  $permitted
     * @return list<Said>
     */
    public function left(Signup $signup, array $permitted): array
    {
        $left = [];
        foreach ($signup->agreed() as $said) {
            $isNew = static fn (Channel $c): bool => array_filter($permitted, (new Target($said->statement->purpose->text, $c))->equals(...)) === [];
            $channels = array_values(array_filter($said->channels, $isNew));
            $left = [...$left, ...$channels === [] ? [] : [Said::kept($said->statement, $channels)]];
        }

        return $left;
    }

    /** Keeps what was sent, for whoever mends the address or confirms the details; inside the transaction that takes it. */
    public function keep(Signup $signup, Subscriber $subscriber): KnownSignup
    {
        $now = $this->clock->instant();

        return KnownSignup::query()->create([
            'id' => Id::random(), 'subscriber_id' => $subscriber->id, 'point_edition_id' => $signup->editionId(), 'language' => $signup->language,
            'nonce' => $signup->nonce, 'content' => $signup->held(delivered: true), 'made_at' => $now,
            'ends_at' => $now->plusDays($signup->edition->sheet->rules->lapseDays),
        ]);
    }

    /** Nothing is left to ask for: they get word that nothing has changed, or are asked whether other details are theirs. */
    public function tell(KnownSignup $known): void
    {
        $this->outbox->toKnown($known, $this->changes($known) === [] ? DeliveryKind::Choices : DeliveryKind::Details, $known->id->hex());
    }

    /** The same mail once more, as often and as far apart as a confirmation. */
    public function tellAgain(KnownSignup $known): void
    {
        $sent = Delivery::query()->where('known_id', $known->id->bytes)->whereIn('kind', [DeliveryKind::Choices, DeliveryKind::Details])
            ->orderByDesc('id')->get();
        $newest = $sent->first();
        if ($newest !== null && $sent->count() <= Journey::RESENDS && ! $newest->made_at->plusSeconds(Journey::APART)->isAfter($this->clock->instant())) {
            $this->outbox->toKnown($known, $newest->kind, "{$known->id->hex()} {$sent->count()}");
        }
    }

    /**
     * A no was chosen of something that is permitted: whoever has the inbox can end it in one press. Once a day at most, since anybody can do
     * this to anybody. Of what is not permitted nobody is told anything.
     *
     * @param  list<Target>  $permitted
     * @param  KnownSignup|null  $kept  what was sent, where it is kept already
     */
    public function tellOfNo(Signup $signup, Subscriber $subscriber, array $permitted, ?KnownSignup $kept = null): void
    {
        $purposes = array_map(static fn (Target $t): string => $t->purpose, $permitted);
        $about = array_filter($signup->declined(), static fn (Said $s): bool => in_array($s->statement->purpose->text, $purposes, true));
        if ($about !== []) {
            $ids = implode(' ', array_map(static fn (Said $s): string => $s->id()->text, $about));
            $day = $this->clock->instant()->utc->format('Y-m-d');
            $this->outbox->toKnown($kept ?? $this->keep($signup, $subscriber), DeliveryKind::NoChosen, "{$subscriber->subject->hex()} $ids $day");
        }
    }

    /** @return list<FieldValue> details that were entered and differ from those that are known */
    public function changes(KnownSignup $known): array
    {
        $values = $this->personal->newestOf($known->subscriber->subject);
        $draft = $this->published->edition($known->edition->digest)->sheet->draft;

        return array_values(array_filter(
            $this->returning($known->content->values, $known->subscriber->subject, $draft, $known->language),
            static fn (FieldValue $v): bool => $values->get($v->name)?->value !== $v->value
        ));
    }

    /**
     * What is kept of answers of somebody known: choices take the place of earlier ones or are added to them, as the sheet says.
     *
     * @param  list<FieldValue>  $given
     * @return list<FieldValue>
     */
    public function returning(array $given, Id $subject, SheetDraft $draft, Language $language): array
    {
        $before = $this->personal->newestOf($subject);

        return array_map(static function (FieldValue $value) use ($before, $draft, $language): FieldValue {
            $kept = $draft->disclosed($value->name)?->returning($before->get($value->name)->value ?? '', $value->value, $language);

            return $kept === null ? $value : new FieldValue($value->name, $kept);
        }, $given);
    }

    /** @return list<Said> what was answered with no */
    public static function declined(KnownSignup $known, PublishedForms $published): array
    {
        return array_values(array_filter(
            $known->content->said($published->edition($known->edition->digest)), static fn (Said $s): bool => ! $s->isYes()
        ));
    }
}
