<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\FormRequirement;
use Juramen\Audit\Reading;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;

/** The true sender stands in the mail, by a name, and an answer reaches somebody. */
final class SenderShown extends FormRequirement
{
    /** Senders by what they send, and by nobody's name. */
    private const NOBODY = '~^(?:(?:the |our )?(?:newsletter|news|mail|e-?mail|mailing|mailer|info|no-?reply|do not reply|service|support|team|system|admin|web ?site'
        .'|nyhetsbrev|nyhedsbrev|lettre d.information))$~iu';

    /** What addresses are called whose mails nobody reads. */
    private const UNREAD = '~(?:^|[-_.])(?:no|do-?not|ne-?pas|nicht|kein(?:e)?|ej|inte|ikke|ingen)[-_.]?(?:reply|repondre|antwort(?:en)?|svar[a]?)(?:$|[-_.@\d])'
        .'|^(?:svara?|antwort(?:en)?)[-_.]?(?:ej|inte|ikke|nicht)|^(?:bounces?|mailer-daemon|postmaster|nobody|null|devnull)(?:$|[-_.@+\d])~i';

    public function id(): string
    {
        return 'sender-shown';
    }

    public function title(): string
    {
        return 'Each mail shows who sends it, and where answers go.';
    }

    public function source(): Source
    {
        return new Source('ePD Art. 13(4)', SourceKind::Law);
    }

    public function judge(Reading $reading): array
    {
        $mail = $reading->mail;
        if ($reading->sheet !== null) {
            return $this->met('Our mails come from the controller\'s address, and answers reach its contact.');
        }
        if ($mail === null) {
            return $this->notApplicable('A mail that it sends was not given.');
        }
        $answers = $mail->replyTo !== '' ? $mail->replyTo : $mail->from;
        $nobody = $mail->fromName === '' || $mail->fromName === $mail->from || preg_match(self::NOBODY, $mail->fromName) === 1;
        $findings = array_values(array_filter([
            ! $nobody ? null : $this->finding(
                Verdict::Weakness, 'The mail comes from "'.($mail->fromName ?: $mail->from).'", which names nobody.', null, null,
                'Name the controller as the sender.'
            ),
            preg_match(self::UNREAD, $answers) !== 1 ? null : $this->finding(
                Verdict::Weakness, "Answers go to \"$answers\", where nobody reads them.", null, null, 'Give an address for answers that somebody reads.'
            ),
        ]));

        return $findings === [] ? $this->met("It comes from $mail->fromName, and answers reach $answers.") : $findings;
    }
}
