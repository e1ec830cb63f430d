<?php

declare(strict_types=1);

namespace App\Queries\Visitor;

use App\Models\KnownSignup;
use App\Models\SignupJourney;
use App\Models\Subscriber;
use Juramen\Canon\MacRing;
use Juramen\Consent\Link;

/** What the links of our mails lead to; nothing, where they are not ours. */
final class LinkTargets
{
    public function __construct(private readonly MacRing $keys) {}

    public function journey(string $token): ?SignupJourney
    {
        return $this->named(Link::Confirm, $token);
    }

    /** The sign-up of which somebody may say that it was not theirs. */
    public function notTheirs(string $token): ?SignupJourney
    {
        return $this->named(Link::NotTheirs, $token);
    }

    public function subscriber(string $token): ?Subscriber
    {
        $subject = Link::Withdraw->open($token, $this->keys);

        return $subject === null ? null : Subscriber::query()->where('subject', $subject->bytes)->first();
    }

    private function named(Link $link, string $token): ?SignupJourney
    {
        $id = $link->open($token, $this->keys);

        return $id === null ? null : SignupJourney::query()->with('edition')->whereKey($id->bytes)->first();
    }

    /** Whether a link of ours names what was entered with the address of somebody known, though it may be gone. */
    public function isDetails(string $token): bool
    {
        return Link::Details->open($token, $this->keys) !== null;
    }

    public function details(string $token): ?KnownSignup
    {
        $id = Link::Details->open($token, $this->keys);

        return $id === null ? null : KnownSignup::query()->with('subscriber', 'edition')->whereKey($id->bytes)->first();
    }

    /** The newest sign-up of a person: its form and language are those that they know. */
    public function newestOf(Subscriber $subscriber): SignupJourney
    {
        return SignupJourney::query()->with('edition')->where('subscriber_id', $subscriber->id)->orderByDesc('asked_at')->firstOrFail();
    }
}
