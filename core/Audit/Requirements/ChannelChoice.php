<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Reading;
use Juramen\Audit\Requirement;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Wording\Topic;

/** Where several channels are used, each can be chosen by itself. */
final class ChannelChoice implements Requirement
{
    use Judging;

    public function id(): string
    {
        return 'channel-choice';
    }

    public function title(): string
    {
        return 'Channels can be chosen one by one.';
    }

    public function source(): Source
    {
        return new Source('ICO consent guidance', SourceKind::Guide);
    }

    public function judge(Reading $reading): array
    {
        $consents = $reading->kind->asksForConsent() ? $reading->consents() : [];
        if ($consents === []) {
            return $this->notApplicable('No control on this form asks for consent.');
        }
        $findings = [];
        foreach ($consents as $control) {
            $channels = array_values(array_filter([Topic::ByEmail, Topic::BySms, Topic::ByPhone, Topic::ByPost, Topic::ByMessaging], static fn (Topic $t): bool => $reading->speaksOf($t, $control->label)));
            if (count($channels) > 1 && ! $control->refuses) {
                $findings[] = $this->finding(Verdict::Weakness, 'One tick agrees to several channels at once.', $control->where, $reading->find($channels[1], $control->label)->words ?? null, 'Give each channel a box of its own.');
            }
        }

        return $findings === [] ? $this->met('Each control is for one channel.', $consents[0]->where) : $findings;
    }
}
