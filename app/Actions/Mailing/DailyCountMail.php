<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Actions\Signup\EnquiriesOfDay;
use App\Models\Delivery;
use App\Support\Moments;
use App\Support\PublishedForms;
use Juramen\Canon\Day;
use Juramen\Points\Recipient;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;

/** Tells a recipient how many enquiries came on a day: no address, and no words of anybody. */
final class DailyCountMail extends Mail
{
    public function __construct(SmtpSender $smtp, private readonly EnquiriesOfDay $count, private readonly PublishedForms $published)
    {
        parent::__construct($smtp);
    }

    public function compose(Delivery $delivery): ?Email
    {
        $delivery->loadMissing('edition.point');
        [$id, $on] = explode(' ', $delivery->recipient.' ');
        $day = Day::tryParse($on);
        $edition = $delivery->edition === null ? null : $this->published->edition($delivery->edition->digest);
        $recipient = Recipient::among($edition->sheet->draft->recipients ?? [], $id);
        $slug = $delivery->edition?->point->slug;
        if ($edition === null || $recipient === null || $recipient->address === '' || $slug === null || $day === null) {
            return null;
        }
        $fill = [
            'point' => $edition->sheet->draft->name, 'day' => Moments::plain($day->text), 'link' => route('enquiries', ['point' => $slug]),
            'count' => ($this->count)($slug, $id, $day),
        ];

        return $this->beginFrom($delivery, $edition->controller)
            ->to(new Address($recipient->address))->subject((string) __('office.daily-mail.subject', $fill))
            ->text((string) __('office.daily-mail.text', $fill));
    }
}
