<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Models\Delivery;
use App\Models\Enquiry;
use App\Models\HeldContent;
use App\Support\Moments;
use App\Support\ValueName;
use Juramen\Points\FieldValue;
use Juramen\Points\PointEdition;
use Juramen\Points\Recipient;
use Juramen\Points\RecipientGets;
use Juramen\Register\Language;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;

/** Brings what somebody wanted to whoever answers it; an answer to the mail reaches who sent it. */
final class EnquiryMail extends MailAboutEnquiry
{
    protected function write(Email $mail, Delivery $delivery, Enquiry $enquiry, PointEdition $edition): ?Email
    {
        $recipient = Recipient::among($edition->sheet->draft->recipients, (string) $delivery->recipient);
        if ($recipient === null || $recipient->address === '') {
            return null;
        }
        $say = static fn (string $key, array $with = []): string => (string) __("office.enquiry-mail.$key", $with);
        $fill = ['point' => $edition->sheet->draft->name, 'when' => Moments::exact($enquiry->received_at)];
        $lines = [
            ...($enquiry->doubtful ? [$say('doubtful'), ''] : []), ...($enquiry->corrected_at === null ? [] : [$say('corrected'), '']),
            $say($recipient->gets === RecipientGets::Whole ? 'whole' : 'notice', $fill), '',
            ...($recipient->gets === RecipientGets::Whole ? self::words($enquiry->content, $edition, $enquiry->language) : []),
            $say('read', ['link' => route('enquiries.show', $enquiry->id->hex())]),
        ];

        return $mail->to(new Address($recipient->address))->replyTo(new Address($enquiry->content->email))
            ->subject($say(match (true) {
                $enquiry->corrected_at !== null => 'corrected-subject',
                $enquiry->doubtful => 'doubtful-subject',
                default => 'subject',
            }, $fill))->text(implode("\n", $lines)."\n");
    }

    /** @return list<string> */
    private static function words(HeldContent $content, PointEdition $edition, Language $language): array
    {
        $label = static fn (FieldValue $v): string => $edition->sheet->draft->labelOf($v->name, $language) ?: ValueName::of($v->name);

        return [
            $content->email, '',
            ...array_map(static fn (FieldValue $v): string => $label($v)."\n  ".str_replace("\n", "\n  ", $v->value)."\n", $content->values),
        ];
    }
}
