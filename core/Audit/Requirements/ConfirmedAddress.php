<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\FormRequirement;
use Juramen\Audit\JudgedBy;
use Juramen\Audit\Mail\MailWords;
use Juramen\Audit\Mend;
use Juramen\Audit\Reading;
use Juramen\Audit\Result;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Canon\Place;
use Juramen\Register\Regime;
use Juramen\Register\Rule;
use Juramen\Wording\Found;

/** Email marketing goes to confirmed addresses only. Whether a foreign form confirms cannot be seen on it. */
final class ConfirmedAddress extends FormRequirement
{
    public function id(): string
    {
        return 'confirmed-address';
    }

    public function title(): string
    {
        return 'The email address is confirmed before it is used.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 7(1), 32; BGH I ZR 164/09; Austrian authority 2019', SourceKind::Case, 'the Austrian decision');
    }

    public function judgedBy(): JudgedBy
    {
        return JudgedBy::Records;
    }

    public function judge(Reading $reading): array
    {
        if ($reading->sheet === null) {
            return $this->byMail($reading);
        }
        if (! $reading->isAboutConsent()) {
            return $this->notApplicable('This form does not ask for consent.');
        }
        $rule = Place::of('rules', Rule::DoubleOptIn->value);
        if ($reading->sheet->doubleOptIn) {
            return $this->met('Whoever agrees confirms from a mail first.', $rule);
        }
        $proof = $reading->audience->isUnder(Regime::Germany) || $reading->audience->isUnder(Regime::Austria);
        $demanded = $reading->sheet->houseDemandsDoubleOptIn;

        return [new Result(
            $this, $proof ? Verdict::Breach : Verdict::Weakness,
            'Nobody confirms the address, so anybody can enter anybody\'s.'
                .($proof ? ' German courts take a confirmation as the proof of consent; the Austrian authority wants it as a safeguard.' : ''),
            $rule, null, 'Let whoever agrees confirm from a mail.',
            Mend::takeAway('Keep to the rule: confirm by mail', Place::of('departures', Rule::DoubleOptIn->value)),
            $demanded && ! $proof ? 'whoever ticks gets a confirmation mail' : null,
        )];
    }

    /**
     * What the mail that a form sends tells: one that only announces confirms nothing.
     *
     * @return non-empty-list<Result>
     */
    private function byMail(Reading $reading): array
    {
        if ($reading->mail === null || ! $reading->isAboutConsent()) {
            return $this->notApplicable('Whether addresses are confirmed cannot be seen on a form; give the mail that it sends.');
        }
        if (MailWords::of($reading->mail->says())->confirm()) {
            return $this->met('Whoever agrees confirms from the mail.');
        }
        $acts = $reading->mail->acts();
        if (count($acts) === 1 && $acts[0]->isOwn()) {
            return [$this->finding(
                Verdict::Open, 'The mail has one thing to press, for its reader alone; whether that confirms cannot be told from its words.', null,
                Found::all($acts[0]->text), 'Does it confirm the address? Better: let the mail say so.'
            )];
        }
        $proof = $reading->audience->isUnder(Regime::Germany) || $reading->audience->isUnder(Regime::Austria);

        return [$this->finding(
            $proof ? Verdict::Breach : Verdict::Weakness, 'The mail only announces; nobody confirms the address, so anybody can enter anybody\'s.', null, null,
            'Let whoever agrees confirm from the mail, and send nothing before.'
        )];
    }
}
