<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Actions\Consent\PersonalValues;
use App\Models\Journey;
use App\Models\Message;
use App\Models\MessageKind;
use App\Models\Permission;
use App\Support\PublishedForms;
use Illuminate\Support\Facades\View;
use Juramen\Canon\MacRing;
use Juramen\Consent\Link;
use Juramen\Points\PointEdition;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;

/**
 * Puts a mail together at the moment it is sent: the words as its edition froze them, the address as it is kept, the
 * link made anew. Null where its reason is gone: the journey ended, permission was withdrawn, the address deleted.
 */
final class ComposeMail
{
    public function __construct(
        private readonly PublishedForms $published,
        private readonly PersonalValues $personal,
        private readonly MacRing $keys,
    ) {}

    public function __invoke(Message $message): ?Email
    {
        $values = $this->personal->newestOf($message->subscriber->subject);
        $journey = Journey::query()->whereKey($message->journey?->bytes)->first();
        if (! isset($values['email']) || $journey === null || ! $this->isStillWanted($message, $journey)) {
            return null;
        }
        $edition = $this->published->edition($message->edition->digest);
        $words = $edition->in($message->language)->mails[$message->kind->value];
        $mail = match ($message->kind) {
            MessageKind::Confirmation, MessageKind::Reminder => $this->confirmation($message, $journey, $edition, $words),
            MessageKind::Welcome => $this->welcome($message, $journey, $edition, $words, $values['first-name'] ?? null),
        };
        $sender = $edition->controller->sender;
        $mail->getHeaders()->addIdHeader('Message-ID', $message->message_id.'@'.substr($sender, (int) strrpos($sender, '@') + 1));
        $mail->getHeaders()->addTextHeader('Auto-Submitted', 'auto-generated');

        return $mail->from(new Address($sender, $edition->controller->name))->to(new Address($values['email']))->subject($words['subject']);
    }

    /** @param  array<string, string>  $words */
    private function confirmation(Message $message, Journey $journey, PointEdition $edition, array $words): Email
    {
        $link = url('/confirm/'.Link::Confirm->token($journey->id, $this->keys));

        // Elsewhere nobody has subscribed yet and there is nothing to stop; Canada wants the way out in every message (CASL 6(2)).
        $stop = in_array('CA', $edition->sheet->countries, true) ? $this->withdrawal($message) : null;
        $mail = $this->written('confirmation', $edition, $journey, ['words' => [...$edition->in($message->language)->mails['welcome'], ...$words], 'link' => $link, 'stop' => $stop]);

        return $stop === null ? $mail : $this->stoppable($mail, $stop);
    }

    /** @param  array<string, string>  $words */
    private function welcome(Message $message, Journey $journey, PointEdition $edition, array $words, ?string $name): Email
    {
        $link = $this->withdrawal($message);
        $words['greeting'] = $name === null ? $words['greeting-without-name'] : str_replace(':name', $name, $words['greeting']);

        return $this->stoppable($this->written('welcome', $edition, $journey, ['words' => $words, 'link' => $link]), $link);
    }

    private function withdrawal(Message $message): string
    {
        return url('/withdraw/'.Link::Withdraw->token($message->subscriber->subject, $this->keys));
    }

    /** RFC 2369 and RFC 8058; the mail server signs both headers (DKIM), see the operator's guide. */
    private function stoppable(Email $mail, string $link): Email
    {
        $mail->getHeaders()->addTextHeader('List-Unsubscribe', '<'.$link.'>');
        $mail->getHeaders()->addTextHeader('List-Unsubscribe-Post', 'List-Unsubscribe=One-Click');

        return $mail;
    }

    /** @param  array<string, mixed>  $data */
    private function written(string $view, PointEdition $edition, Journey $journey, array $data): Email
    {
        $notice = $edition->sheet->notice ?? $edition->controller->notice;
        $data += ['edition' => $edition, 'notice' => $notice->has($journey->language) ? $notice->in($journey->language) : null, 'controller' => $edition->controller, 'statements' => $journey->agreedWords($edition), 'language' => $journey->language];

        return (new Email)->html(View::make("mail.$view", $data)->render())->text(html_entity_decode(View::make("mail.$view-text", $data)->render(), ENT_QUOTES | ENT_HTML5));
    }

    private function isStillWanted(Message $message, Journey $journey): bool
    {
        return match ($message->kind) {
            MessageKind::Confirmation, MessageKind::Reminder => ! $journey->state->hasEnded(),
            MessageKind::Welcome => Permission::query()->where('subscriber_id', $message->subscriber_id)->where('allowed', true)->exists(),
        };
    }
}
