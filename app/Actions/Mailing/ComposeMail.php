<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Actions\Consent\PersonalValues;
use App\Models\CurrentPermission;
use App\Models\Message;
use App\Models\MessageKind;
use App\Models\SignupJourney;
use App\Support\PublishedForms;
use Illuminate\Support\Facades\View;
use Juramen\Canon\MacRing;
use Juramen\Consent\Link;
use Juramen\Points\PointEdition;
use Juramen\Register\Audience;
use Juramen\Register\Regime;
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
        $address = $values->get('email');
        $journey = SignupJourney::query()->whereKey($message->journey?->bytes)->first();
        if ($address === null || $journey === null || ! $this->isStillWanted($message, $journey)) {
            return null;
        }
        $edition = $this->published->edition($message->edition->digest);
        $mail = match ($message->kind) {
            MessageKind::Confirmation, MessageKind::Reminder => $this->confirmation($message, $journey, $edition),
            MessageKind::Welcome => $this->welcome($message, $journey, $edition, $values->get('first-name')?->value),
        };
        $sender = $edition->controller->sender;
        $mail->getHeaders()->addIdHeader('Message-ID', $message->message_id.'@'.substr($sender, (int) strrpos($sender, '@') + 1));
        $mail->getHeaders()->addTextHeader('Auto-Submitted', 'auto-generated');

        return $mail->from(new Address($sender, $edition->controller->name))->to(new Address($address->value))
            ->subject($edition->in($message->language)->mail($message->kind->value)->word('subject'));
    }

    private function confirmation(Message $message, SignupJourney $journey, PointEdition $edition): Email
    {
        $link = url('/confirm/'.Link::Confirm->token($journey->id, $this->keys));
        // Elsewhere nobody has subscribed yet and there is nothing to stop; Canada wants the way out in every message (CASL 6(2)).
        $stop = Audience::from($edition->sheet->draft->countries, unknownIsStrict: false)->isUnder(Regime::Canada) ? $this->withdrawal($message) : null;
        $mail = $this->written('confirmation', $message, $edition, $journey, ['link' => $link, 'stop' => $stop]);

        return $stop === null ? $mail : $this->stoppable($mail, $stop);
    }

    private function welcome(Message $message, SignupJourney $journey, PointEdition $edition, ?string $name): Email
    {
        $link = $this->withdrawal($message);
        $words = $edition->in($message->language)->mail('welcome');
        $greeting = $name === null ? $words->word('greeting-without-name') : str_replace(':name', $name, $words->word('greeting'));

        return $this->stoppable($this->written('welcome', $message, $edition, $journey, ['link' => $link, 'greeting' => $greeting]), $link);
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

    /** @param  array<string, string|null>  $links */
    private function written(string $view, Message $message, PointEdition $edition, SignupJourney $journey, array $links): Email
    {
        $frozen = $edition->in($message->language);
        $data = [
            ...$links, 'words' => $frozen->mail($message->kind->value), 'stopping' => $frozen->mail('welcome'), 'edition' => $edition,
            'controller' => $edition->controller,
            'notice' => ($edition->sheet->draft->notice ?? $edition->controller->notice)->orNothing($journey->language),
            'statements' => $journey->agreedWords($edition), 'language' => $journey->language,
        ];

        $rendered = static fn (string $name): string => View::file(resource_path("views/mail/$name.blade.php"), $data)->render();

        return (new Email)->html($rendered($view))->text(html_entity_decode($rendered("$view-text"), ENT_QUOTES | ENT_HTML5));
    }

    private function isStillWanted(Message $message, SignupJourney $journey): bool
    {
        return match ($message->kind) {
            MessageKind::Confirmation, MessageKind::Reminder => ! $journey->state->hasEnded(),
            MessageKind::Welcome => CurrentPermission::query()->where('subscriber_id', $message->subscriber_id)->where('allowed', true)->exists(),
        };
    }
}
