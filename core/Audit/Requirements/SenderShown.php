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
        $findings = array_values(array_filter([
            $mail->fromName !== '' ? null : $this->finding(
                Verdict::Weakness, "The mail comes from \"$mail->from\", without a name.", null, null, 'Name the controller as the sender.'
            ),
            preg_match('~^(?:no|do-?not|ne-?pas|nicht|ej)[-_.]?(?:reply|repondre|antworten|svara?)|^noreply|^donotreply~i', $answers) !== 1 ? null : $this->finding(
                Verdict::Weakness, "Answers go to \"$answers\", where nobody reads them.", null, null, 'Give an address for answers that somebody reads.'
            ),
        ]));

        return $findings === [] ? $this->met("It comes from $mail->fromName, and answers reach $answers.") : $findings;
    }
}
