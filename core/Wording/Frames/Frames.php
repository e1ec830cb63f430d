<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

/** All frames, in the order in which they are read. The one place where they are put together. */
final class Frames
{
    /** @return non-empty-list<Frame> */
    public static function all(): array
    {
        return [
            new SendingFrame, new AnnouncedFrame, new RefusalFrame, new ActFrame, new ConditionFrame, new PassingOnFrame, new EndingFrame,
            new PurposeFrame, new RateFrame, new WatchingFrame, new PictureFrame, new HealthFrame, new TransferFrame, new SurveyFrame, new ChildrenFrame,
            new AskerFrame, new PressureFrame, new PapersFrame, new ChannelFrame, new PresetFrame, new CustomerFrame, new FriendFrame, new StyleFrame,
            new HalvesFrame, new AnswerFrame, new OwnYesFrame,
        ];
    }

    /** The frame that finds a meaning. */
    public static function of(Meaning $meaning): Frame
    {
        /** @var array<string, Frame> $by */
        static $by = [];
        if ($by === []) {
            foreach (self::all() as $frame) {
                foreach ($frame->meanings() as $found) {
                    $by[$found->value] = $frame;
                }
            }
        }

        return $by[$meaning->value];
    }
}
