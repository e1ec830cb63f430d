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
        $sender = $mail->controller->sender ?: config()->string('juramen.mail.from');

        return $mail->paper->write($this->begin($delivery, $sender), $mail->view, $mail->with($delivery->user->name))
            ->from(new Address($sender, $mail->controller->name))->to(new Address($delivery->user->email, $delivery->user->name));
    }
}
