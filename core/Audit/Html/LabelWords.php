<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use Juramen\Audit\Response;
use Juramen\Points\FormKind;
use Juramen\Register\Channel;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Listener;
use Juramen\Wording\Words\WordClass;

/** What the words at a box or an answer are by themselves: a yes, a no, a channel, a subject. */
final readonly class LabelWords
{
    private const CHANNELS = [
        'email' => WordClass::ByEmail, 'sms' => WordClass::BySms, 'phone' => WordClass::ByPhone, 'post' => WordClass::ByPost,
        'messaging' => WordClass::ByMessaging,
    ];

    /** What "by any means" stands for. */
    private const ANY_MEANS = [WordClass::ByEmail, WordClass::BySms, WordClass::ByPhone];

    /** Words that a label has at most which names a channel alone. */
    private const CHANNEL_WORDS = 3;

    private const SUBJECT_WORDS = 5;

    /** Words of an answer that says nothing but yes or no. */
    private const OF_ANSWERS = [
        WordClass::Yes, WordClass::Agrees, WordClass::Refuses, WordClass::Not, WordClass::I, WordClass::You, WordClass::Little, WordClass::Confirms,
        WordClass::Wants, WordClass::That, WordClass::AsBefore, WordClass::Joins,
    ];

    /** How a no begins, in the languages that are read. */
    public const NO = 'no|nope|nah|nein|nee|nö|non|nej|næ';

    /** Bytes of a label that names nothing but channels. */
    private const LONGEST_LIST = 80;

    public function __construct(private Listener $listener) {}

    /** "I agree", "yes, please", "no thanks": to what stands over it, and nothing by itself. */
    public function isBareAnswer(string $label): bool
    {
        return strlen($label) <= self::LONGEST_LIST && $this->listener->speaksOf($label, WordClass::Yes, WordClass::Agrees, WordClass::Refuses)
            && ! $this->listener->speaksOf($label, WordClass::Terms, WordClass::Notice)
            && preg_match('~\p{L}~u', $this->listener->without($label, ...self::OF_ANSWERS)) !== 1;
    }

    /** "Recipes", "New boats and sails": few words, and none of them of a person. */
    public function namesSubject(string $label): bool
    {
        return $label !== '' && count(preg_split('~\s+~u', $label) ?: []) <= self::SUBJECT_WORDS
            && ! $this->listener->speaksOf($label, WordClass::I, WordClass::You, WordClass::Self, WordClass::Agrees, WordClass::Must, WordClass::Age);
    }

    /** Whether words name a channel or several, and hardly anything else: "Email", "By post". */
    public function isChannel(string $label): bool
    {
        $words = preg_split('~\s+~u', trim($label), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $names = array_filter(self::CHANNELS, fn (WordClass $class): bool => $this->speaks($class, $label)) !== [];

        return $names && (count($words) <= self::CHANNEL_WORDS || $this->namesChannelsAlone($label));
    }

    /** "By email, by post and by phone", "Yes, by post": nothing but channels, though more than one. */
    public function namesChannelsAlone(string $label): bool
    {
        if (strlen($label) > self::LONGEST_LIST || ! $this->listener->speaksOf($label, ...array_values(self::CHANNELS))) {
            return false;
        }
        $left = $this->listener->without($label, WordClass::Joins, WordClass::Little, WordClass::Yes, ...array_values(self::CHANNELS));

        return preg_match('~\p{L}~u', $left) !== 1;
    }

    /** "Yes, please", "send me news", "not now": what a person says of themselves. */
    public function isAnswer(string $text): bool
    {
        return $this->listener->speaksOf($text, WordClass::Yes, WordClass::I, WordClass::Not, WordClass::Refuses);
    }

    /** What its words say counts, whatever the server gets: "Yes" may be sent as 0. */
    public function meansYes(string $text, string $value): bool
    {
        return ! $this->saysNo($text) && ($this->saysYes($text) || Response::isYes($value));
    }

    public function meansNo(string $text, string $value): bool
    {
        return $this->saysNo($text) || (! $this->saysYes($text) && preg_match('~^(?:no|nein|non|n|0|false|off|opt-?out)$~i', $value) === 1);
    }

    private function saysYes(string $text): bool
    {
        return $this->speaks(WordClass::Yes, $text) || $this->listener->hears($text, Meaning::Sends);
    }

    private function saysNo(string $text): bool
    {
        return preg_match('~^(?:'.self::NO.')(?!\p{L})~iu', $text) === 1 || $this->listener->hears($text, Meaning::AsksForNo)
            // "Not at all", "never".
            || (substr_count($text, ' ') < self::CHANNEL_WORDS && $this->listener->speaksOf($text, WordClass::Not, WordClass::Refuses));
    }

    /** @return list<Channel> */
    public function channels(string $label, FormKind $kind): array
    {
        $any = $this->speaks(WordClass::ByAnyMeans, $label);
        $channels = [];
        foreach (self::CHANNELS as $channel => $class) {
            if ($this->speaks($class, $label) || ($any && in_array($class, self::ANY_MEANS, true))) {
                $channels[] = Channel::from($channel);
            }
        }

        return $channels === [] && $kind === FormKind::Newsletter ? [Channel::Email] : $channels;
    }

    private function speaks(WordClass $class, string $text): bool
    {
        return $this->listener->speaksOf($text, $class);
    }
}
