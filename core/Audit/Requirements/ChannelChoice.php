<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\Control;
use Juramen\Audit\FormRequirement;
use Juramen\Audit\Reach;
use Juramen\Audit\Reading;
use Juramen\Audit\Result;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Wording\Frames\Meaning;

/** Where several channels are used, each can be chosen by itself. */
final class ChannelChoice extends FormRequirement
{
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

    public function reach(): Reach
    {
        return Reach::Words;
    }

    public function judge(Reading $reading): array
    {
        return $this->eachConsent($reading, 'Each control is for one channel.', function (Control $control) use ($reading): ?Result {
            $channels = [];
            foreach ($reading->listener()->all($control->label, Meaning::ByChannel) as $sense) {
                $channels[$sense->named] ??= $sense->words;
            }

            return count($channels) < 2 || $control->refuses || $reading->listener()->hears($control->label, Meaning::ChannelsChosen) ? null
                : $this->finding(
                    Verdict::Weakness, 'One tick agrees to several channels at once.', $control->where, array_values($channels)[1],
                    'Give each channel a box of its own.'
                );
        });
    }
}
