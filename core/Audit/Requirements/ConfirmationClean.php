<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Control;
use Juramen\Audit\FormRequirement;
use Juramen\Audit\Mail\MailLink;
use Juramen\Audit\Mail\MailWords;
use Juramen\Audit\Mail\SentMail;
use Juramen\Audit\Reading;
use Juramen\Audit\Result;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Register\Regime;
use Juramen\Wording\Found;

/** The mail repeats what is agreed to, has one thing to press, says what happens to whoever does nothing, sells nothing, and offers no way out of
 * what nobody has joined yet. Ours are composed so, and what makes them so cannot be edited away. */
final class ConfirmationClean extends FormRequirement
{
    /** Share of the statement's words that a mail has which repeats it. */
    private const REPEATED = 0.6;

    public function id(): string
    {
        return 'confirmation-clean';
    }

    public function title(): string
    {
        return 'The confirmation mail is only that.';
    }

    public function source(): Source
    {
        return new Source('ePD Art. 13(1); CASL 6(2)', SourceKind::Case, 'which court said it first');
    }

    public function judge(Reading $reading): array
    {
        if ($reading->sheet !== null) {
            return $reading->sheet->doubleOptIn && $reading->isAboutConsent() ? $this->met('Our mail is composed so; its parts are locked.')
                : $this->notApplicable('No confirmation mail is sent.');
        }
        $mail = $reading->mail;
        if ($mail === null || ! MailWords::of($mail->says())->confirm()) {
            return $this->notApplicable($mail === null ? 'The mail that it sends was not given.' : 'The mail asks for no confirmation.');
        }
        $findings = [...$this->acts($mail), ...$this->leaves($reading, $mail), ...$this->says($reading, $mail)];

        return $findings === [] ? $this->met('The mail asks for the confirmation, and for nothing else.') : $findings;
    }

    /** @return list<Result> */
    private function acts(SentMail $mail): array
    {
        $acts = count($mail->acts());

        return $acts <= 1 ? [] : [$this->finding(
            Verdict::Weakness, "The mail has $acts different things to press.", null, null, 'Leave the one that confirms, and legal details.'
        )];
    }

    /** @return list<Result> */
    private function leaves(Reading $reading, SentMail $mail): array
    {
        // Canada demands a way out of every commercial message (CASL 6(2)).
        $leaves = $mail->leaves || array_filter($mail->links, static fn (MailLink $l): bool => $l->leaves()) !== [];

        return ! $leaves || $reading->audience->isUnder(Regime::Canada) ? [] : [$this->finding(
            Verdict::Weakness, 'The mail offers to unsubscribe, and nobody has subscribed yet.', null, null, 'Leave that link to the mails that come later.'
        )];
    }

    /** @return list<Result> */
    private function says(Reading $reading, SentMail $mail): array
    {
        $findings = [];
        $words = MailWords::of($mail->says());
        $statement = implode("\n", array_map(static fn (Control $c): string => $c->label, $reading->asked()));
        if ($words->repeat($statement) < self::REPEATED) {
            $findings[] = $this->finding(
                Verdict::Weakness, 'The mail does not repeat what is agreed to.', null, null, 'Repeat the words beside the box, so that both can be shown.'
            );
        }
        if (! $words->sayWhatIfIgnored()) {
            $findings[] = $this->finding(
                Verdict::Weakness, 'The mail does not say what happens to whoever does nothing.', null, null,
                'Say: "If it was not you, you need do nothing: nothing is sent, and the address is deleted."'
            );
        }
        $sells = $words->sell($statement);
        if ($sells !== '') {
            $findings[] = $this->finding(
                Verdict::Weakness, "The mail advertises before anybody agreed: \"$sells\".", null, Found::all($sells), 'Take it out; it can stand in the next mail.'
            );
        }

        return $findings;
    }
}
