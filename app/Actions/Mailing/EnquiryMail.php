<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Actions\Signup\HeldContent;
use App\Models\Delivery;
use App\Support\Moments;
use App\Support\PublishedForms;
use App\Support\ValueName;
use Juramen\Points\FieldValue;
use Juramen\Points\PointEdition;
use Juramen\Points\Recipient;
use Juramen\Register\Language;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;

/** Brings what somebody wanted to whoever answers it; an answer to the mail reaches who sent it. It has lost its reason where it was deleted. */
final class EnquiryMail extends Mail
{
    public function __construct(SmtpSender $smtp, private readonly PublishedForms $published)
    {
        parent::__construct($smtp);
    }

    public function compose(Delivery $delivery): ?Email
    {
        $enquiry = $delivery->enquiry();
        if ($enquiry === null) {
            return null;
        }
        $edition = $this->published->edition($enquiry->edition->digest);
        $recipient = self::recipient($edition, (string) $delivery->recipient);
        if ($recipient === null || $recipient->address === '') {
            return null;
        }
        $content = HeldContent::from($enquiry->content);
        $say = static fn (string $key, array $with = []): string => (string) __("office.enquiry-mail.$key", $with);
        $fill = ['point' => $edition->sheet->draft->name, 'when' => Moments::exact($enquiry->received_at)];
        $lines = [
            ...($enquiry->doubtful ? [$say('doubtful'), ''] : []), $say($recipient->whole ? 'whole' : 'notice', $fill), '',
            ...($recipient->whole ? self::words($content, $edition, $enquiry->language) : []),
            $say('read', ['link' => route('enquiries.show', $enquiry->id->hex())]),
        ];

        return $this->begin($delivery, $edition->controller->sender)->from(new Address($edition->controller->sender, $edition->controller->name))
            ->to(new Address($recipient->address))->replyTo(new Address($content->email))
            ->subject($say($enquiry->doubtful ? 'doubtful-subject' : 'subject', $fill))->text(implode("\n", $lines)."\n");
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

    private static function recipient(PointEdition $edition, string $id): ?Recipient
    {
        foreach ($edition->sheet->draft->recipients as $recipient) {
            if ($recipient->id->text === $id) {
                return $recipient;
            }
        }

        return null;
    }
}
