<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Actions\Account\EntryLinks;
use App\Models\Delivery;
use App\Models\DeliveryKind;
use App\Models\EntryLinkKind;
use App\Support\Moments;
use Juramen\Canon\MacRing;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;

/** The link by which somebody sets a password. It has lost its reason where the link was used, replaced, or its time is over. */
final class EntryMail extends Mail
{
    public function __construct(SmtpSender $smtp, private readonly EntryLinks $links, private readonly MacRing $keys)
    {
        parent::__construct($smtp);
    }

    public function compose(Delivery $delivery): ?Email
    {
        $delivery->loadMissing('user');
        $user = $delivery->user;
        $kind = $delivery->kind === DeliveryKind::Invitation ? EntryLinkKind::Invitation : EntryLinkKind::Password;
        $link = $user === null || $user->hasEnded() ? null
            : $this->links->open()->where('user_id', $user->id)->where('kind', $kind)->latest('made_at')->first();
        if ($user === null || $link === null) {
            return null;
        }
        $from = config()->string('juramen.mail.from');
        $fill = [
            'name' => $user->name, 'role' => $user->role->value, 'link' => url('/enter/'.$link->token($this->keys)), 'until' => Moments::exact($link->ends_at),
        ];

        return $this->begin($delivery, $from)->from(new Address($from, 'Juramen'))->to(new Address($user->email, $user->name))
            ->subject((string) __("office.entry-mail.$kind->value.subject"))->text((string) __("office.entry-mail.$kind->value.text", $fill));
    }
}
