<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Consent\DeleteValues;
use App\Actions\Delivery\Outbox;
use App\Actions\Ledger\Append;
use App\Actions\Screening\CountNearby;
use App\Actions\Screening\Judge;
use App\Models\DeliveryKind;
use App\Models\SignupJourney;
use App\Models\Subscriber;
use App\Support\FlowLog;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Id;
use Juramen\Consent\Acts\Declined;
use Juramen\Consent\Acts\Given;
use Juramen\Consent\Answer;
use Juramen\Consent\Journey;
use Juramen\Consent\Target;
use Juramen\Consent\Through;
use Juramen\Log\Disclosure;
use Juramen\Points\FieldValue;
use Juramen\Points\Said;
use Juramen\Register\Channel;
use Juramen\Screening\Band;
use Juramen\Wording\MailKind;
use LogicException;

/**
 * Takes a submission: in one transaction the visit mark is spent, what the person wanted besides is kept, and, where they said
 * yes to anything, the person known, the consent entered, its permission projected and the mail laid out. Nothing of it is
 * ever there without the rest.
 */
final class AcceptSignup
{
    public function __construct(
        private readonly Append $append,
        private readonly KnowSubscriber $subscribers,
        private readonly KnownPeople $known,
        private readonly SpendMark $spend,
        private readonly KeepEnquiry $keep,
        private readonly CountMailbox $count,
        private readonly CountNearby $nearby,
        private readonly Judge $screen,
        private readonly KeepAssessment $assessed,
        private readonly DeleteValues $delete,
        private readonly Outbox $outbox,
        private readonly FlowLog $flow,
        private readonly SystemClock $clock,
    ) {}

    /**
     * @throws MarkAlreadySpent where the page was sent before with other answers; the same answers again change nothing
     * @throws ScreenedOut where what is counted only here does not let it pass; nothing is kept then
     */
    public function __invoke(Signup $signup): void
    {
        DB::transaction(function () use ($signup): void {
            if (! ($this->spend)($signup)) {
                return;
            }
            if ($signup->edition->sheet->draft->kind->servesSomethingElse()) {
                if (! $signup->delivered) {
                    ($this->keep)($signup);
                }
            } elseif ($signup->said === []) {
                throw new LogicException('A sign-up without an answer is none.');
            }
            if ($signup->agreed() !== []) {
                $this->enter($signup, $this->screened($signup));
            } elseif ($signup->declined() !== []) {
                $this->enterNo($signup);
            }
            DB::afterCommit(fn () => $this->flow->sent(
                $signup->edition, $signup->language, array_map(static fn (Said $s): string => $s->id()->text, $signup->agreed())
            ));
        }, 5);
    }

    /** By what can be counted only here. What a person released was counted, or judged by that person. @return int|null what screening made of it */
    private function screened(Signup $signup): ?int
    {
        if ($signup->facts === null) {
            return null;
        }
        $now = $this->clock->instant();
        $near = ($this->nearby)($signup->email, $signup->network, $signup->written, $now);
        $assessment = $this->screen->assess(
            $signup->facts->counted(($this->count)($signup->email, $now), $near), $signup->edition->sheet->draft->point
        );
        if ($assessment->band !== Band::Pass) {
            throw new ScreenedOut($assessment);
        }

        return ($this->assessed)($signup->editionId(), $assessment)->id;
    }

    private function enter(Signup $signup, ?int $assessed): void
    {
        $known = $this->subscribers->findOrMake($signup->edition->controller->id->text, $signup->email);
        $permitted = $this->known->permitted($known->subscriber->subject);
        $left = $permitted === [] ? $signup->agreed() : $this->known->left($signup, $permitted);
        // Of somebody known it is kept as it was sent, too: a mended address has nothing to do with what is known of them.
        $kept = $permitted === [] ? null : $this->known->keep($signup, $known->subscriber);
        if ($left !== []) {
            $this->ask($signup, $known, $left, $permitted !== [], $assessed);
        } elseif ($kept !== null) {
            $this->known->tell($kept);
        }
        if ($signup->declined() !== []) {
            ($this->append)($known->chain, $this->declined($signup));
            $this->known->tellOfNo($signup, $known->subscriber, $permitted, $kept);
        }
    }

    /** Which of two confirmation mails the visit mark's nonce allots; null where there is one, or no mark. */
    private function allotted(Signup $signup): ?string
    {
        $second = $signup->edition->in($signup->language)->mail(MailKind::Second->value)->words;

        return $second === [] || $signup->nonce === null ? null : (ord($signup->nonce->bytes[15]) % 2 === 0 ? 'a' : 'b');
    }

    /**
     * @param  non-empty-list<Said>  $left
     * @param  bool  $isKnown  whether something is permitted already: then whatever is added waits for the person, whatever the rules
     */
    private function ask(Signup $signup, KnownSubscriber $known, array $left, bool $isKnown, ?int $assessed): void
    {
        $edition = $signup->edition;
        $journey = Id::random();
        $values = ! $isKnown ? $signup->values
            : $this->known->returning($signup->values, $known->subscriber->subject, $edition->sheet->draft, $signup->language);
        $disclosures = $this->disclosures($signup, $values);
        [$answers, $targets] = $this->answers($left);
        $confirmed = $edition->sheet->rules->doubleOptIn || $isKnown;
        ($this->append)($known->chain, new Given(
            $signup->occurred, $signup->how, $signup->placement, $signup->nonce === null ? 'released' : 'pass', $journey, $edition->sheet->draft->point->text,
            $edition->digest(), $signup->language, $answers, $targets, $confirmed, array_map(static fn (Disclosure $d) => $d->digest(), $disclosures),
            $signup->notShown, $signup->mended, $signup->version,
        ), $disclosures);
        $this->journey($signup, $known->subscriber, $journey, $answers, $targets, $confirmed);
        SignupJourney::query()->where('consent', $journey->bytes)->update(['assessed_id' => $assessed]);
    }

    /** Of whoever is known; of a stranger who wants nothing, nothing is kept. */
    private function enterNo(Signup $signup): void
    {
        $known = $this->subscribers->find($signup->edition->controller->id->text, $signup->email);
        if ($known !== null) {
            ($this->append)($this->append->hold($known->subject), $this->declined($signup));
            $this->known->tellOfNo($signup, $known, $this->known->permitted($known->subject));
        }
    }

    private function declined(Signup $signup): Declined
    {
        $answers = array_map(static fn (Said $s): Answer => new Answer($s->id()->text, $s->statement->edition(), false), $signup->declined());

        return new Declined(
            $signup->occurred, $signup->how, $signup->placement, $signup->edition->sheet->draft->point->text, $signup->edition->digest(), $signup->language,
            $answers === [] ? throw new LogicException('Nothing was answered with no.') : $answers
        );
    }

    /**
     * Its paths to consent: through the inbox where anything goes there by mail or needs no confirmation, and through the number where
     * anything reaches people by that.
     *
     * @param  list<Answer>  $answers
     * @param  list<Target>  $targets
     * @param  bool  $confirmed  whether what goes by mail is confirmed from one
     */
    private function journey(Signup $signup, Subscriber $subscriber, Id $consent, array $answers, array $targets, bool $confirmed): void
    {
        $some = static fn (callable $is): bool => array_filter($targets, static fn (Target $t): bool => $is($t->channel)) !== [];
        $byMail = $some(static fn (Channel $c): bool => $c === Channel::Email);
        $byNumber = $some(static fn (Channel $c): bool => $c->isByNumber());
        $rules = $signup->edition->sheet->rules;
        $waits = $byMail && $confirmed;
        // What a person released is asked now, whenever it was sent.
        $now = $this->clock->instant();
        $begin = fn (Journey $path, Through $through): SignupJourney => SignupJourney::begin(
            $path, $consent, $through, $subscriber, $signup->editionId(), $signup->language, $signup->nonce, $signup->placement,
            $waits && $through === Through::Mail ? $this->allotted($signup) : null, $signup->allotted()
        );
        $mail = $byMail || ! $byNumber ? $begin(
            $waits ? Journey::asked($consent, $rules->lapseDays, $now) : Journey::withoutConfirmation($consent, $rules->lapseDays, $now), Through::Mail
        ) : null;
        $number = $byNumber ? $begin(Journey::asked($mail === null ? $consent : Id::random(), $rules->lapseDays, $now), Through::Number) : null;
        DB::table('journey_answers')->insert(
            array_map(static fn (Answer $a): array => ['journey' => $consent->bytes, 'edition' => $a->edition->bytes], $answers)
        );
        if ($mail !== null && ! $waits) {
            $this->delete->welcomeBack($subscriber->subject);
        }
        if ($mail !== null && $byMail) {
            $this->outbox->toSubscriber($mail, $waits ? DeliveryKind::Confirmation : DeliveryKind::Welcome, $signup->network);
        }
        if ($number !== null) {
            $this->outbox->toSubscriber($number, DeliveryKind::NumberConfirmation, $signup->network);
        }
    }

    /**
     * @param  list<FieldValue>  $answers
     * @return list<Disclosure>
     */
    private function disclosures(Signup $signup, array $answers): array
    {
        $values = [new FieldValue('email', $signup->email->text), ...$answers];
        if ($signup->network !== null && $signup->edition->sheet->rules->keepNetwork) {
            $values[] = new FieldValue('network', $signup->network);
        }

        return array_map(static fn (FieldValue $v): Disclosure => Disclosure::make($v->name, $v->value), $values);
    }

    /**
     * @param  list<Said>  $agreed
     * @return array{non-empty-list<Answer>, non-empty-list<Target>}
     */
    private function answers(array $agreed): array
    {
        [$answers, $targets] = [[], []];
        foreach ($agreed as $said) {
            $answers[] = new Answer($said->id()->text, $said->statement->edition());
            foreach ($said->channels as $channel) {
                $targets[] = new Target($said->statement->purpose->text, $channel);
            }
        }
        if ($answers === [] || $targets === []) {
            throw new LogicException('A sign-up says yes to a statement that asks by a channel.');
        }

        return [$answers, $targets];
    }
}
