<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Consent\PersonalValues;
use App\Models\HeldSubmission;
use App\Models\KnownSignup;
use App\Models\SignupJourney;
use App\Support\PublishedForms;
use App\Support\SentTicket;
use App\Support\SystemClock;
use Closure;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Instant;
use Juramen\Consent\Acts\AddressCorrected;
use Juramen\Consent\Acts\Given;
use Juramen\Consent\Answer;
use Juramen\Consent\How;
use Juramen\Consent\Journey;
use Juramen\Consent\Target;
use Juramen\Log\Disclosure;
use Juramen\Points\FieldValue;
use Juramen\Points\PointEdition;
use Juramen\Points\Said;
use Juramen\Register\Channel;
use Juramen\Screening\Puzzled;
use Juramen\Screening\SubmissionFacts;

/**
 * Whoever has just sent a form mends a mistyped address before anything was confirmed. What waited under the wrong one ends and is
 * forgotten; the same answers go on as a sign-up of the right one, screened like any other. What was wanted besides gets the right address
 * too. Where nothing waits any more nothing happens, and nobody is told.
 */
final class MendAddress
{
    /** Names of values that belong to an address or to a press, and not to what was filled in. */
    private const NOT_FILLED_IN = ['email', 'network'];

    public function __construct(
        private readonly EndJourney $end,
        private readonly AcceptSignup $accept,
        private readonly HoldSubmission $hold,
        private readonly KeepEnquiry $keep,
        private readonly GivenConsents $given,
        private readonly PersonalValues $personal,
        private readonly PublishedForms $published,
        private readonly SystemClock $clock,
    ) {}

    /** @param  SentTicket  $mended  what SentTicket::mended() made of the ticket: the new address, and the mark under which it is known */
    public function __invoke(SentTicket $ticket, SentTicket $mended): void
    {
        DB::transaction(function () use ($ticket, $mended): void {
            $this->keep->mend($ticket->nonce, $mended->nonce, $mended->email);
            $held = HeldSubmission::query()->where('nonce', $ticket->nonce->bytes)->lockForUpdate()->first();
            $held?->update(['content' => $held->content->to($mended->email->text), 'nonce' => $mended->nonce]);
            $known = KnownSignup::query()->with('edition')->where('nonce', $ticket->nonce->bytes)->lockForUpdate()->first();
            $signup = $known === null ? null : $this->kept($known, $mended);
            $known?->delete();
            $journey = SignupJourney::query()->with('subscriber', 'edition')->where('nonce', $ticket->nonce->bytes)->where('besides', false)->first();
            if ($journey !== null) {
                $this->endAsMended($journey, function (SignupJourney $journey) use ($mended, &$signup): void {
                    $signup ??= $this->anew($journey, $mended);
                });
            }
            if ($signup !== null) {
                $this->take($signup);
            }
        }, 5);
    }

    /** @param  Closure(SignupJourney): void  $before  what is done first where it still waits */
    private function endAsMended(SignupJourney $journey, Closure $before): void
    {
        $this->end->whole(
            $journey, static fn (Journey $path, Instant $now): ?Journey => $path->corrected($now),
            static fn (Instant $now): AddressCorrected => new AddressCorrected($now, $journey->consent), 'address-corrected', $before,
        );
    }

    /** What was sent with the address of somebody known, whole, to the right one. */
    private function kept(KnownSignup $known, SentTicket $mended): Signup
    {
        [$content, $edition] = [$known->content, $this->published->edition($known->edition->digest)];

        return new Signup(
            $edition, $known->language, $mended->email, $content->values, $content->said($edition), How::FormServed, $content->placement,
            $this->clock->instant(), $mended->nonce, $content->network, delivered: true, facts: self::facts($edition), notShown: $content->notShown,
            mended: true, version: $content->version,
        );
    }

    private static function facts(PointEdition $edition): ?SubmissionFacts
    {
        // What had to be shown was shown before the address was mended.
        return $edition->sheet->rules->screening ? new SubmissionFacts(false, null, puzzle: Puzzled::Solved) : null;
    }

    /** The same answers, to the right address. */
    private function anew(SignupJourney $journey, SentTicket $mended): Signup
    {
        $given = $this->given->of($journey);
        [$act, $edition] = [$given->act, $this->published->edition($journey->edition->digest)];
        $values = $this->personal->ofEntry($given->entry);
        $filled = array_filter($values, static fn (Disclosure $d): bool => ! in_array($d->name, self::NOT_FILLED_IN, true));
        $network = array_values(array_filter($values, static fn (Disclosure $d): bool => $d->name === 'network'))[0] ?? null;

        return new Signup(
            $edition, $journey->language, $mended->email,
            array_values(array_map(static fn (Disclosure $d): FieldValue => new FieldValue($d->name, $d->value), $filled)),
            self::said($edition, $act), $act->how, $act->placement, $this->clock->instant(), $mended->nonce, $network?->value,
            delivered: true, facts: self::facts($edition), notShown: $act->notShown, mended: true, version: $act->version,
        );
    }

    /** @return list<Said> */
    private static function said(PointEdition $edition, Given $act): array
    {
        $said = [];
        foreach ($edition->sheet->statements as $statement) {
            $agreed = array_filter($act->answers, static fn (Answer $a): bool => $a->edition->equals($statement->edition()));
            $by = array_values(array_filter($statement->channels, static fn (Channel $c): bool => array_filter(
                $act->targets, static fn (Target $t): bool => $t->equals(new Target($statement->purpose->text, $c))
            ) !== []));
            if ($agreed !== [] && $by !== []) {
                $said[] = Said::kept($statement, $by);
            }
        }

        return $said;
    }

    private function take(Signup $signup): void
    {
        try {
            ($this->accept)($signup);
        } catch (ScreenedOut $e) {
            ($this->hold)($signup, $e->assessment);
        } catch (MarkAlreadySpent) {
            // Mended so before.
        }
    }
}
