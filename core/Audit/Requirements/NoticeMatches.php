<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\FormRequirement;
use Juramen\Audit\JudgedBy;
use Juramen\Audit\Reach;
use Juramen\Audit\Reading;
use Juramen\Audit\Result;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\StatementFacts;
use Juramen\Audit\Verdict;
use Juramen\Register\Channel;
use Juramen\Register\Language;
use Juramen\Wording\Listener;
use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\WordClass;

/** Each statement's purpose and channels stand in the privacy notice, where we hold its text. */
final class NoticeMatches extends FormRequirement
{
    private const CHANNELS = [
        'email' => WordClass::ByEmail, 'sms' => WordClass::BySms, 'phone' => WordClass::ByPhone, 'post' => WordClass::ByPost,
        'messaging' => WordClass::ByMessaging,
    ];

    public function id(): string
    {
        return 'notice-matches';
    }

    public function title(): string
    {
        return 'The privacy notice says the same as the statements.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 13, 5(1)(a)', SourceKind::Law);
    }

    public function judgedBy(): JudgedBy
    {
        return JudgedBy::Records;
    }

    public function reach(): Reach
    {
        return Reach::Statement;
    }

    public function judge(Reading $reading): array
    {
        $language = $reading->language;
        $notice = $language === null ? null : $reading->sheet?->controller->noticeText;
        if ($language === null || $notice === null || ! $notice->has($language)) {
            return $this->notApplicable('The text of the notice is not held here in this language.');
        }
        $findings = array_values(
            array_filter(array_map(fn (StatementFacts $s): ?Result => $this->compare($s, $notice->in($language), $language), $reading->sheet->statements))
        );

        return $findings === [] ? $this->met('The notice speaks of each purpose and channel.', $reading->where) : $findings;
    }

    private function compare(StatementFacts $statement, string $notice, Language $language): ?Result
    {
        $lacks = self::lacks($statement->purpose, $statement->channels, $notice, $language);

        return $lacks === [] ? null : $this->finding(
            Verdict::Weakness, 'The privacy notice does not speak of '.implode(', nor of ', $lacks).'.', $statement->where, null,
            'Add it to the notice; its paragraph is ready under Wording, for the notice.'
        );
    }

    /**
     * What a notice does not speak of, of a purpose and its channels. A purpose is spoken of where most of the words of
     * its name stand in the notice, by their stems.
     *
     * @param  list<Channel>  $channels
     * @return list<string>
     */
    public static function lacks(string $purpose, array $channels, string $notice, Language $language): array
    {
        $listener = Listener::in($language);
        $words = Passage::of($purpose, $language)->contentWords();
        $said = array_filter($words, static fn (string $word): bool => mb_stripos($notice, mb_substr($word, 0, max(4, mb_strlen($word) - 2))) !== false);
        $lacks = $words !== [] && count($said) * 2 < count($words) ? ["“{$purpose}”"] : [];
        foreach ($channels as $channel) {
            if (! $listener->speaksOf($notice, self::CHANNELS[$channel->value])) {
                $lacks[] = $channel->value;
            }
        }

        return $lacks;
    }
}
