<?php

declare(strict_types=1);

namespace Juramen\Wording;

use Juramen\Register\Channel;
use Juramen\Register\Language;
use Juramen\Wording\Words\Vocabulary;

/** Sentences of ours that stand in many statements: how to withdraw, the notice's name, how names are listed. Each language's files have them. */
final class Phrases
{
    /** @param  string  $contact where a word is enough, for channels without a link or an answer */
    public static function withdrawal(Language $language, Channel $channel, string $contact): string
    {
        $by = in_array($channel, [Channel::Email, Channel::Sms], true) ? $channel->value : 'other';

        return strtr(self::of($language, "withdrawal-$by"), ['{contact}' => $contact]);
    }

    /** The same where it is not known by which way, or nothing is sent that could carry one. */
    public static function withdrawalPlain(Language $language): string
    {
        return self::of($language, 'withdrawal-plain');
    }

    public static function notice(Language $language): string
    {
        return self::of($language, 'notice');
    }

    public static function channel(Language $language, Channel $channel): string
    {
        return self::of($language, "by-{$channel->value}");
    }

    /** @param  list<string>  $items */
    public static function listed(Language $language, array $items): string
    {
        $last = array_pop($items) ?? '';

        return $items === [] ? $last : implode(', ', $items).' '.self::of($language, 'and').' '.$last;
    }

    /**
     * A plain question for consent, its controller and rate still to be filled.
     *
     * @param  string  $contents  what comes
     * @param  non-empty-list<Channel>  $channels
     */
    public static function asks(Language $language, string $contents, array $channels): string
    {
        $by = self::listed($language, array_map(static fn (Channel $c): string => self::channel($language, $c), $channels));

        return strtr(self::of($language, 'asks'), ['CONTENTS' => $contents, 'CHANNEL' => $by]);
    }

    private static function of(Language $language, string $key): string
    {
        /** @var array<string, array<string, string>> $all */
        static $all = [];
        if (! isset($all[$language->value])) {
            foreach (Vocabulary::of($language)->section('phrases') as $line) {
                [$name, $phrase] = array_map(trim(...), explode('=', $line, 2));
                $all[$language->value][$name] = $phrase;
            }
        }

        return $all[$language->value][$key];
    }
}
