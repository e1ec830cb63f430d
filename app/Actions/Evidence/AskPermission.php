<?php

declare(strict_types=1);

namespace App\Actions\Evidence;

use App\Actions\Consent\OrdersInHand;
use Juramen\Canon\Instant;
use Juramen\Consent\Acts\Confirmed;
use Juramen\Consent\Entry;
use Juramen\Consent\How;
use Juramen\Consent\Permission;
use Juramen\Consent\Permissions;
use Juramen\Consent\Reason;
use Juramen\Consent\Target;
use Juramen\Register\Channel;

/** Answers "may we use this address for this purpose by this channel at this moment?" in one sentence. */
final class AskPermission
{
    public function __construct(private OrdersInHand $orders) {}

    /** @param  list<Entry>  $chain */
    public function __invoke(array $chain, Target $target, Instant $moment, Instant $now): Permission
    {
        return $this->orders->over(Permissions::at($chain, $moment, $now)->for($target), $moment);
    }

    /**
     * @param  callable(Instant): string  $when  writes a moment for the reader
     * @param  bool  $ahead  whether it is asked for a moment to come, of which only what is known today can be said
     */
    public static function sentence(Permission $permission, callable $when, bool $ahead = false): string
    {
        $since = $permission->since === null ? '' : $when($permission->since);
        $asked = $permission->entries === [] ? '' : $when($permission->entries[0]->recorded);

        $by = $ahead ? 'by now' : 'by then';
        $ended = $ahead ? 'has ended' : 'had ended';

        return match ($permission->reason) {
            Reason::NeverAsked => $ahead ? 'Nobody has been asked by now: no consent is on record.' : 'Nobody had been asked by then: no consent was on record.',
            Reason::AwaitingConfirmation => $permission->target->channel->isByNumber()
                ? "This person agreed on $since, but the number had not been confirmed $by; no other channel confirms it."
                : "This person agreed on $since, but had not confirmed it $by.",
            Reason::Agreed => "This person agreed on $since, and nothing $ended it $by.",
            Reason::Confirmed => "This person agreed on $asked and confirmed on $since; nothing $ended it $by.".self::earlierRule($permission),
            Reason::Lapsed => "This person agreed on $asked but did not confirm in time; it lapsed on $since.",
            Reason::Withdrawn => self::isSpam($permission) ? "On $since this sign-up was found to be a program's, and not a person's."
                : "This person withdrew on $since.",
            Reason::Suspended => "This person agreed on $asked; an officer suspended that on $since, since the form was at fault.",
            Reason::NotTheirs => "Somebody else had entered this address on $asked, as whoever has its inbox said on $since.",
            Reason::AddressCorrected => "This address was given by mistake on $asked and mended on $since; nobody confirmed it.",
            Reason::Undeliverable => "This address was given on $asked, but the mail to it came back on $since; nobody confirmed it.",
        };
    }

    private static function isSpam(Permission $permission): bool
    {
        return $permission->entries[count($permission->entries) - 1]->act->how === How::FoundSpam;
    }

    /** Said of what was confirmed through another channel, as entries of format 1 allowed. */
    private static function earlierRule(Permission $permission): string
    {
        $confirmed = $permission->entries[count($permission->entries) - 1]->act;

        return $permission->target->channel !== Channel::Email && $confirmed instanceof Confirmed && $confirmed->through === null
            ? " It was confirmed by mail, under the rule of that time, not through {$permission->target->channel->value}." : '';
    }
}
