<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Actions\Consent\PersonalValues;
use App\Actions\Signup\KnownPeople;
use App\Models\Delivery;
use App\Models\DeliveryKind;
use App\Models\KnownSignup;
use App\Queries\Visitor\EndingConsent;
use App\Queries\Visitor\WordsThatEnd;
use App\Support\Gifts;
use App\Support\PublishedForms;
use Juramen\Canon\MacRing;
use Juramen\Consent\Link;
use Juramen\Points\Said;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;

/**
 * A mail to somebody known about what was entered with their address, by them or by somebody else. It repeats nothing that was typed, pleads
 * for nothing, and has a way to stop everything. It has lost its reason where nothing is permitted any more, or what was entered is gone.
 */
final class KnownMail extends Mail
{
    public function __construct(
        SmtpSender $smtp,
        private readonly PublishedForms $published,
        private readonly PersonalValues $personal,
        private readonly WordsThatEnd $ending,
        private readonly MailWords $words,
        private readonly MacRing $keys,
        private readonly Gifts $gifts,
    ) {
        parent::__construct($smtp);
    }

    public function compose(Delivery $delivery): ?Email
    {
        $known = $delivery->known_id === null ? null : KnownSignup::query()->with('subscriber', 'edition')->whereKey($delivery->known_id->bytes)->first();
        $address = $known === null ? null : $this->personal->newestOf($known->subscriber->subject)->get('email');
        $statements = $known === null ? [] : $this->statements($known, $delivery->kind);
        if ($known === null || $address === null || $statements === []) {
            return null;
        }
        $edition = $this->published->edition($known->edition->digest);
        $language = $known->language;
        $words = $this->words->of($edition, $delivery->kind->value, $language);
        $stop = url('/withdraw/'.Link::Withdraw->token($known->subscriber->subject, $this->keys));
        $link = $delivery->kind === DeliveryKind::Details ? url('/details/'.Link::Details->token($known->id, $this->keys)) : null;
        $gift = $delivery->kind === DeliveryKind::Choices ? $this->gifts->of($edition, $language, $known->made_at) : null;
        $mail = $this->words->paper($edition->sheet, $edition->controller, $language, $words)->write(
            $this->beginFrom($delivery, $edition->controller), 'known', new LetterParts($statements, $link, $stop, gift: $gift)
        )->to(new Address($address->value));

        return self::stoppable($mail, $stop);
    }

    /** @return list<string> words that it is about: what they agreed to, or that of it to which no was chosen */
    private function statements(KnownSignup $known, DeliveryKind $kind): array
    {
        $ending = ($this->ending)($known->subscriber);
        $declined = array_map(static fn (Said $s): string => $s->statement->purpose->text, KnownPeople::declined($known, $this->published));
        $about = $kind !== DeliveryKind::NoChosen ? $ending
            : array_filter($ending, static fn (EndingConsent $e): bool => in_array($e->purpose, $declined, true));

        return array_merge([], ...array_map(static fn (EndingConsent $e): array => $e->words, array_values($about)));
    }
}
