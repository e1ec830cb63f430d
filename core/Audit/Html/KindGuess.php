<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use Juramen\Points\FormKind;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Listener;
use Juramen\Wording\Words\WordClass;

/** Tells what a form is for, from its fields and from the words of its heading and its buttons; what is plainest comes first. */
final readonly class KindGuess
{
    /** Words of a sentence by which something comes to somebody. */
    private const SENT_TO_SOMEBODY = [[WordClass::Sends, WordClass::Gets], [WordClass::I, WordClass::You]];

    private NewsGuess $news;

    /** What a heading or a button of somebody speaks of who has no password yet. */
    private const JOINS = [WordClass::Account, WordClass::Subscribes, WordClass::Tries, WordClass::Loyalty];

    public function __construct(private Listener $listener)
    {
        $this->news = new NewsGuess($listener);
    }

    public function of(FoundForm $form, FormFields $fields, FormWords $words): GuessedKind
    {
        $about = fn (WordClass ...$classes): bool => $this->listener->speaksOf($words->says, ...$classes);
        [$kind, $reason] = match (true) {
            $fields->has('password') => $fields->newPassword() || ($about(...self::JOINS) && ! $about(WordClass::Login))
                || $fields->asksToAgree()
                ? [FormKind::Account, 'it asks for a new password'] : [FormKind::Login, 'it asks for a password'],
            $fields->oneLine() && $about(WordClass::Login) && ! $about(WordClass::Occasion) => [FormKind::Login, 'it leads back to a password'],
            $fields->isSearch() || $this->searches($form, $fields, $words) => [FormKind::Search, 'it has a search field'],
            $fields->friend($this->isForChildren($words)) && ! ($about(WordClass::Draw) && $fields->own()) => [
                FormKind::Other, 'it asks for the address of somebody else',
            ],
            $about(WordClass::Rights) => [FormKind::RightsRequest, 'its heading or button speaks of a request'],
            $this->ends($fields, $words) => [FormKind::Preferences, 'its heading or button speaks of leaving or choosing'],
            $fields->email && ! $fields->emailAlone() && ! $fields->message && $about(WordClass::Loyalty) => [
                FormKind::Account, 'its heading or button speaks of a card or a club for customers',
            ],
            ($about(WordClass::Job) && ! $about(WordClass::Account) && ! $about(WordClass::Reminds, WordClass::JobAlerts)) || $fields->application()
                || ($fields->has('file') && $this->speaksAnywhere($words, WordClass::Job)) => [FormKind::JobApplication, 'it takes an application'],
            $fields->payment() || $fields->delivery() || $this->orders($fields, $words) => [FormKind::Order, 'its heading, button or fields speak of an order'],
            $about(WordClass::Draw) => [FormKind::PrizeDraw, 'its heading or button speaks of a prize'],
            $about(WordClass::Priced) => [FormKind::Contact, 'it asks what something costs or is worth'],
            $about(WordClass::Download) => [FormKind::Download, 'its heading or button speaks of a download'],
            $fields->email && ! $fields->message && $this->speaksAnywhere($words, WordClass::Download) => [
                FormKind::Download, 'something is promised for what is filled in',
            ],
            $this->putsDown($fields, $words) => [
                FormKind::Other, 'its heading or button speaks of something to put oneself down for',
            ],
            $about(WordClass::Survey) || (! $fields->message && $about(WordClass::HowItWas)) => [
                FormKind::Other, 'its heading or button asks what people think',
            ],
            $about(WordClass::Account) && ! $this->registersForNews($fields, $words) => [FormKind::Account, 'its heading or button speaks of an account'],
            $fields->message || $this->asksForAnswer($fields, $words) => [FormKind::Contact, 'it takes a message'],
            $fields->email && $this->news->comesOnce($fields, $words) => [FormKind::Other, 'what is asked for comes once'],
            $fields->email && $this->news->sendsOneThing($fields, $words) => [FormKind::Download, 'its button sends what its heading names, once'],
            default => $this->ofNews($fields, $words),
        };

        return new GuessedKind($kind, $reason);
    }

    /** @return array{FormKind, string} for news, or else for nothing that can be told */
    private function ofNews(FormFields $fields, FormWords $words): array
    {
        $reason = $this->news->reason($fields, $words);

        return match (true) {
            $reason !== null => [FormKind::Newsletter, $reason],
            $fields->email && ! $fields->emailAlone() && $this->listener->speaksOf($words->beside, WordClass::Draw) => [
                FormKind::PrizeDraw, 'beside it something is drawn or won',
            ],
            ! $fields->email && $fields->phone && $fields->fewLines() => [FormKind::Contact, 'it asks for a number, to be called'],
            default => [FormKind::Other, 'nothing says what it is for'],
        };
    }

    /** "Stay in the loop", and "Register" on the button, for an address alone. */
    private function registersForNews(FormFields $fields, FormWords $words): bool
    {
        return $fields->onlyEmails() && ! $fields->has('password')
            && ($this->news->sends($this->listener->without($words->says, WordClass::Account)) || $this->news->keepsComing($fields, $words));
    }

    private function searches(FoundForm $form, FormFields $fields, FormWords $words): bool
    {
        return ! $fields->email && count($form->controls) <= 2 && ($this->listener->speaksOf($words->says, WordClass::Search)
            || $this->listener->speaksOf($form->element->getAttribute('action'), WordClass::Search));
    }

    /** "Your choices", or an address and a button that ends what comes: "stop". "Unsubscribe at any time" over a form is said of what it begins. */
    private function ends(FormFields $fields, FormWords $words): bool
    {
        return $this->listener->speaksTogether($words->says, [[WordClass::Preferences]], [WordClass::AnyTime, WordClass::Rate])
            || ($fields->emailAlone() && $this->listener->speaksOf($words->buttons, WordClass::Ends, WordClass::Withdraws));
    }

    /** With an address alone only a button orders: "10% off your first order" over it is a gift of a letter's. Whoever asks orders nothing. */
    private function orders(FormFields $fields, FormWords $words): bool
    {
        $buys = ! $fields->emailAlone() || $this->listener->speaksOf($words->buttons, WordClass::Order);

        return $buys && ! $this->news->isPlain($fields, $words)
            && ! $this->listener->speaksOf($words->says, WordClass::Tries) && ! $this->listener->speaksOf($words->buttons, WordClass::Priced)
            && ! ($fields->message && ! $fields->has('date') && $this->listener->speaksOf($words->buttons, WordClass::Contact))
            && (! $this->listener->speaksOf($words->says, WordClass::Draw) || $this->listener->speaksOf($words->buttons, WordClass::Order))
            && $this->listener->speaksOf($this->listener->without($words->says, WordClass::Download), WordClass::Order);
    }

    /** "Sign up for the webinar", "put me on the guest list": signing up itself means no news there, and a letter about courses is a letter. */
    private function isForOccasion(string $says): bool
    {
        return $this->listener->speaksOf($says, WordClass::Occasion)
            && ! $this->listener->speaksOf($says, WordClass::Advertising, WordClass::Carrier, ...WordClass::means())
            && ! $this->listener->speaksTogether($this->listener->without($says, WordClass::Occasion), self::SENT_TO_SOMEBODY, []);
    }

    /** Something is tried, or one puts oneself down for it; what is written about health there is no message. */
    private function putsDown(FormFields $fields, FormWords $words): bool
    {
        return ! $this->news->keepsComing($fields, $words)
            && ((! $fields->message && $this->listener->speaksOf($words->says, WordClass::Tries))
            || ((! $fields->message || ($fields->onlyOfHealth() && ! $this->listener->speaksOf($words->says, WordClass::Order)))
                && $this->isForOccasion($words->says)));
    }

    /** "Call me back" asks for an answer, and not for news; "let us stay in touch" over an address alone does not. */
    private function asksForAnswer(FormFields $fields, FormWords $words): bool
    {
        return ! $fields->emailAlone() && $this->listener->speaksOf($this->listener->without($words->says, WordClass::Touch), WordClass::Contact)
            && ! $this->news->sends($this->listener->without($words->says, WordClass::Contact))
            && ! ($fields->onlyEmails() && ($this->news->sends($words->text) || $this->news->sends($words->beside)));
    }

    private function isForChildren(FormWords $words): bool
    {
        return array_filter($words->parts(), fn (string $part): bool => $this->listener->hears($part, Meaning::OfferedToChildren)) !== [];
    }

    private function speaksAnywhere(FormWords $words, WordClass $class): bool
    {
        // "Our privacy notice (PDF)" is no guide that somebody came for.
        $papers = [WordClass::Notice, WordClass::Terms];

        return $this->listener->speaksOf($words->says, $class) || $this->listener->speaksTogether($words->besideBoxes, [[$class]], $papers)
            || $this->listener->speaksTogether($words->beside, [[$class]], $papers);
    }
}
