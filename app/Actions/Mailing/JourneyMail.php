<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Actions\Consent\PersonalValues;
use App\Models\Delivery;
use App\Models\SignupJourney;
use App\Support\Gifts;
use App\Support\PublishedForms;
use Juramen\Canon\MacRing;
use Juramen\Consent\Link;
use Juramen\Points\FrozenMail;
use Juramen\Wording\PlainName;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;

/**
 * A mail of a sign-up: the words as its edition froze them, the address as it is kept, the link made anew. It has lost its reason
 * where the address is deleted, and where its kind says so.
 */
abstract class JourneyMail extends Mail
{
    public function __construct(
        SmtpSender $smtp, private readonly PublishedForms $published, private readonly PersonalValues $personal, private readonly MailWords $words,
        protected readonly MacRing $keys, private readonly Gifts $gifts
    ) {
        parent::__construct($smtp);
    }

    abstract protected function isWanted(SignupJourney $journey): bool;

    /** The kind of mail whose words it bears. */
    protected function wordsOf(Delivery $delivery, SignupJourney $journey): string
    {
        return $delivery->kind->value;
    }

    /** Puts text and links into the mail. */
    abstract protected function write(Email $mail, Letter $letter): Email;

    public function compose(Delivery $delivery): ?Email
    {
        $delivery->loadMissing('subscriber', 'edition');
        [$subscriber, $published, $language] = [$delivery->subscriber, $delivery->edition, $delivery->language];
        $journey = SignupJourney::query()->whereKey($delivery->journey?->bytes)->first();
        if ($subscriber === null || $published === null || $language === null || $journey === null || ! $this->isWanted($journey)) {
            return null;
        }
        $values = $this->personal->newestOf($subscriber->subject);
        $address = $values->get('email');
        if ($address === null) {
            return null;
        }
        $edition = $this->published->edition($published->digest);
        $words = $this->words->of($edition, $this->wordsOf($delivery, $journey), $language);

        $letter = new Letter($delivery, $subscriber->subject, $journey, $edition, $language, $words, $values);

        return $this->write($this->beginFrom($delivery, $edition->controller), $letter)->to(new Address($address->value));
    }

    protected function written(string $view, Email $mail, Letter $letter, ?string $link, ?string $stop = null, ?string $notTheirs = null): Email
    {
        $typed = $letter->values->get('first-name') ?? $letter->values->get('name');
        $given = $letter->journey->confirmed_at;
        $parts = new LetterParts(
            $letter->journey->agreedWords($letter->edition), $link, $stop,
            self::greeting($letter->words, $typed === null ? null : PlainName::of($typed->value)), $notTheirs,
            $this->words->of($letter->edition, 'welcome', $letter->language),
            $given === null ? null : $this->gifts->of($letter->edition, $letter->language, $given),
        );

        return $this->words->paper($letter->edition->sheet, $letter->edition->controller, $letter->language, $letter->words)->write($mail, $view, $parts);
    }

    /** With the name where one was typed that may stand there. */
    public static function greeting(FrozenMail $words, ?string $name): string
    {
        $with = $words->word('greeting');

        return $name === null || $with === '' ? $words->word('greeting-without-name') : str_replace([':name', '{name}'], $name, $with);
    }

    protected function withdrawal(Letter $letter): string
    {
        return url('/withdraw/'.Link::Withdraw->token($letter->subject, $this->keys));
    }
}
