<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Models\Delivery;
use App\Models\Record;
use Juramen\Register\Language;
use Juramen\Register\RecordKind;
use Juramen\Wording\MailWording;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;

/** A mail of the house to whoever words it, as it is saved, with links that lead nowhere. */
final class ProofMail extends Mail
{
    public function __construct(SmtpSender $smtp, private readonly MailSample $sample)
    {
        parent::__construct($smtp);
    }

    public function compose(Delivery $delivery): ?Email
    {
        $delivery->loadMissing('user');
        [$slug, $spoken] = explode(' ', $delivery->recipient.' ');
        $record = Record::query()->where('kind', RecordKind::Mail)->where('slug', $slug)->first();
        $language = Language::tryFrom($spoken);
        if ($delivery->user === null || $delivery->user->hasEnded() || $record === null || $language === null) {
            return null;
        }
        $mail = $this->sample->of(MailWording::from($record->newestRevision()->document), $language);
        if ($mail === null) {
            return null;
        }

        // Whoever has no sender yet can look at the mail all the same.
        $begun = $mail->controller->sender === '' ? $this->begin($delivery, $house = config()->string('juramen.mail.from'))->from(new Address($house))
            : $this->beginFrom($delivery, $mail->controller);

        return $mail->paper->write($begun, $mail->view, $mail->with($delivery->user->name))
            ->to(new Address($delivery->user->email, $delivery->user->name));
    }
}
